// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { mountWithPiece, type Mounted } from '../testing/mountWithPiece.ts';
import FilesDialog from './FilesDialog.vue';

const [otter] = demoWorkpieces() as [Workpiece];

describe('the dialog of sheets and files', () => {
  let mounted: Mounted;
  const blobs: Blob[] = [];
  const names: string[] = [];

  beforeEach(async () => {
    blobs.length = 0;
    names.length = 0;
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      blobs.push(blob as Blob);
      return 'blob:test';
    });
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      names.push(this.download);
    });
    mounted = mountWithPiece(FilesDialog, otter, { show: true });
    await flushPromises();
  });
  afterEach(() => {
    mounted.wrapper.unmount();
    document.body.innerHTML = '';
    vi.restoreAllMocks();
  });

  const pressed = async (title: string): Promise<string> => {
    const button = [...document.body.querySelectorAll('button')].find(
      (element) => element.textContent?.trim() === title,
    );
    if (button === undefined) throw new Error(`no file “${title}”`);
    button.click();
    await flushPromises();
    return blobs.at(-1)!.text();
  };

  it.each([
    ['Cut list (CSV)', 'otter-on-the-log-cut-list.csv', /^piece,name,quantity/],
    ['Bend marks (CSV)', 'otter-on-the-log-bends.csv', /^wire,from,bend/],
    ['Side elevation (SVG)', 'otter-on-the-log-side.svg', /<svg [^>]*mm"/],
    ['Front elevation (SVG)', 'otter-on-the-log-front.svg', /<svg [^>]*mm"/],
    ['Steps (CSV)', 'otter-on-the-log-steps.csv', /Print the shop sheets/],
    ['Shopping list (CSV)', 'otter-on-the-log-shopping.csv', /Kitchen foil/],
    ['Whole plan (JSON)', 'otter-on-the-log-plan.json', /"keen-sinew-plan"/],
    ['This piece (JSON)', 'otter-on-the-log.json', /"keen-sinew-piece"/],
  ])('gives %s under its name', async (title, name, content) => {
    expect(await pressed(title)).toMatch(content);
    expect(names).toEqual([name]);
  });
});
