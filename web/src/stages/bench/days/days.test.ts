// @vitest-environment happy-dom
import { demoWorkpieces, schedulePlan, type Booking, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it, vi } from 'vitest';
import { press, typeInto } from '../../../testing/hands.ts';
import { mountWithPiece } from '../../../testing/mountWithPiece.ts';
import DayList from './DayList.vue';
import { barsOf, daysChartOptions } from './daysChartOptions.ts';
import { clockText, dayText, momentText } from '../../../composables/dayText.ts';
import HoursPart from './HoursPart.vue';
import { minuteOf } from '../stepChanges.ts';
import { outlineOf } from '../../../composables/useOutlineKept.ts';
import DateField from '../../../kit/DateField.vue';

const [otter] = demoWorkpieces() as [Workpiece];
const days = () =>
  mountWithPiece(DayList, otter, (plan) => {
    const pieces = [outlineOf(plan.piece, plan)!];
    const { hours } = otter.atHand;
    const { bookings } = schedulePlan({
      ...{ pieces, hours, sittingMin: 120, from: '2026-03-02T09:00' },
    });
    return { pieces, bookings };
  });

describe('DayList', () => {
  it('tells day by day what is done when, what bakes and what waits', () => {
    const { wrapper, plan } = days();
    const first = plan().bench!.steps.find(({ occupies }) => occupies === 'person')!;
    expect(wrapper.find('section').text()).toContain('Mon 2 Mar');
    expect(wrapper.find('section').text()).toContain('09:00–');
    expect(wrapper.text()).toContain(first.title);
    expect(wrapper.findAll('li.oven').length).toBeGreaterThan(0);
    expect(wrapper.findAll('li.nothing').length).toBeGreaterThan(0);
    expect(wrapper.findAll('section').length).toBeGreaterThan(2);
  });

  it('pins a step to a day, and lets go of it', async () => {
    const { wrapper, piece, labels } = days();
    const [first] = wrapper.findAll('li');
    const title = first!.find('b').text();
    await press(wrapper, `Not before …: ${title}`);
    await vi.dynamicImportSettled();
    await wrapper.vm.$nextTick();
    wrapper.findComponent(DateField).vm.$emit('set', '2026-03-05');
    await wrapper.vm.$nextTick();
    expect(Object.values(piece().bench.notBefore)).toEqual(['2026-03-05']);
    expect(labels.at(-1)).toBe(`Pin “${title}” to a day`);
    wrapper.findComponent(DateField).vm.$emit('set', null);
    await wrapper.vm.$nextTick();
    expect(piece().bench.notBefore).toEqual({});
  });
});

describe('HoursPart', () => {
  it('takes hours as they are written, tells what it cannot read, and keeps days off', async () => {
    const { wrapper, piece } = mountWithPiece(HoursPart, otter);
    await typeInto(wrapper, 'Hours at the bench on Saturday', '10-12:30');
    expect(piece().atHand.hours.week[5]).toEqual([{ from: 600, to: 750 }]);
    await typeInto(wrapper, 'Hours at the bench on Monday', 'late');
    expect(wrapper.find('[role=alert]').text()).toContain('9–12, 13:30–17');
    expect(piece().atHand.hours.week[0]).toEqual(otter.atHand.hours.week[0]);
    await vi.dynamicImportSettled();
    await wrapper.vm.$nextTick();
    wrapper.findComponent(DateField).vm.$emit('set', '2026-12-24');
    await wrapper.vm.$nextTick();
    expect(piece().atHand.hours.daysOff).toEqual(['2026-12-24']);
    await wrapper.find('.off button').trigger('click');
    expect(piece().atHand.hours.daysOff).toEqual([]);
  });
});

describe('the chart of the days', () => {
  const booking: Booking = {
    ...{ piece: 'a', step: 's', part: 1, parts: 1, critical: true },
    occupies: 'person',
    ...{ title: '<b>Cut</b>', start: '2026-03-02T09:00', end: '2026-03-02T10:30' },
  };
  const pieces = [{ id: 'a', name: 'Otter', due: null, notBefore: {}, steps: [] }];

  it('has a row for hands, oven and what waits, and says a title as text', () => {
    const [bar] = barsOf([booking], pieces, false);
    expect(bar).toMatchObject({ x: 'hands', title: '<b>Cut</b>' });
    expect(bar!.y[1] - bar!.y[0]).toBe(90 * 60_000);
    const { tooltip } = daysChartOptions(false, [booking.start, booking.end]);
    const told = (tooltip as { custom: (of: unknown) => string }).custom({
      ...{ seriesIndex: 0, dataPointIndex: 0 },
      w: { config: { series: [{ data: [bar] }] } },
    });
    expect(told).toContain('&lt;b&gt;Cut');
    expect(told).toContain('09:00–10:30');
  });

  it('writes days and times in the clock of the bench', () => {
    expect([dayText('2026-03-02T09:00'), clockText('2026-03-02T09:05')]).toEqual([
      'Mon 2 Mar',
      '09:05',
    ]);
    expect(momentText('2026-03-02T09:05')).toBe('Mon 2 Mar, 09:05');
    expect(minuteOf(new Date(2026, 2, 2, 9, 5))).toBe('2026-03-02T09:05');
  });
});
