import * as say from './words.ts';
import type { StepPlan } from '../bench/planBench.ts';
import { CAUTIONS } from '../piece/cautions.ts';
import { durationSentence, sentenceText } from '../piece/step.ts';
import type { Plan } from '../planTypes.ts';
import type { Drawing } from '../sheets/drawing.ts';
import { stepDrawings } from '../sheets/stepDrawing.ts';
import { digitsIn, quantityText, type UnitSystem } from '../units/quantity.ts';
import { drawingSvg } from './svg.ts';

/** A picture of more letters than this would make the file too heavy for a phone. */
const MOST_LETTERS = 300_000;

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => `&#${sign.codePointAt(0)!};`);

/** A drawing as it stands in a page: as wide as the page, whatever its millimetres. */
const picture = (drawing: Drawing): string =>
  drawingSvg(drawing)
    .replace(/^<\?xml[^>]*\?>\s*/, '')
    .replace(/ width="[^"]*mm" height="[^"]*mm"/, '')
    // A tenth of a millimetre is finer than a phone shows.
    .replace(/(\d+\.\d)\d+/g, '$1');

const STYLE = `:root{color-scheme:light}body{margin:0;background:#faf7ef;color:#20302e;font:18px/1.45 system-ui,sans-serif}
main{max-width:44rem;margin:auto;padding:1rem}h1{font-size:1.5rem}section{border-top:2px solid #20302e;padding:1rem 0 1.5rem}
h2{font-size:1.5rem;line-height:1.15;margin:0 0 .5rem}b{font-size:1.6em;color:#9c3f26;white-space:nowrap}
svg{display:block;width:100%;height:auto;max-height:60vh;margin:.75rem 0}label{display:flex;gap:.75rem;align-items:center;min-height:64px;font-weight:700}
input{width:32px;height:32px;flex:none}.soft{color:#4f5d58}.caution{border-left:4px solid #9c3f26;padding-left:.75rem}
section.done h2{text-decoration:line-through}`;

/** Keeps what is ticked in the phone, as long as it lets a page keep anything; nothing leaves it. */
const script = (
  id: string,
): string => `const key=${JSON.stringify(`steps-${id}`).replaceAll('<', '\\u003c')};let kept={};
const told=document.getElementById('told');
try{kept=JSON.parse(localStorage.getItem(key)||'{}')}catch{told.hidden=false}
for(const box of document.querySelectorAll('input')){const show=()=>{if(box.dataset.step)box.closest('section').classList.toggle('done',box.checked)};
box.checked=!!kept[box.id]||box.defaultChecked;show();box.addEventListener('change',()=>{kept[box.id]=box.checked;show();
try{localStorage.setItem(key,JSON.stringify(kept))}catch{told.hidden=false}})}`;

/**
 * All steps of a piece with their pictures as one page that a phone shows without anything installed and without a
 * network; ticks stay in that phone.
 */
export function stepPackHtml(plan: Plan, system: UnitSystem): string {
  const { piece } = plan;
  const steps = plan.bench?.steps ?? [];
  return [
    '<!doctype html>',
    `<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1"><title>${escaped(piece.name)}</title><style>${STYLE}</style></head>`,
    `<body><main><h1>${escaped(piece.name)}</h1><p id="told" hidden>${say.ticksAreNotKept}</p>`,
    ...steps.map((step) => section(plan, step, system)),
    `</main><script>${script(piece.id)}</script></body></html>`,
  ].join('\n');
}

function section(plan: Plan, step: StepPlan, system: UnitSystem): string {
  const pictures = stepDrawings(plan, step)
    .map(picture)
    .filter((svg) => svg.length <= MOST_LETTERS);
  const lasts = sentenceText(durationSentence(step), system);
  const sentence = step.sentence
    .map((part) =>
      typeof part === 'string'
        ? escaped(part)
        : `<b>${escaped(quantityText(part.value, part.unit, system, digitsIn(system, part.unit, part.digits)))}</b>`,
    )
    .join('');
  return [
    `<section class="${step.done === null ? '' : 'done'}"><h2>${step.number}. ${escaped(step.title)}</h2>`,
    ...pictures,
    `<p>${sentence}</p>`,
    lasts === '' ? '' : `<p class="soft">${escaped(lasts)}</p>`,
    ...step.cautions.map((id) => `<p class="caution">${escaped(CAUTIONS[id])}</p>`),
    `<p class="soft">${escaped(say.readyOnTable(step.guide.table.join(', ')))}</p>`,
    `<p>${escaped(step.guide.right)}</p><p>${escaped(step.guide.wrong)}</p>`,
    ...step.parts.map(
      ({ id, name, isDone }) =>
        `<label><input type="checkbox" id="${escaped(`${step.id}/${id}`)}"${isDone ? ' checked' : ''}>${escaped(name)}</label>`,
    ),
    `<label><input type="checkbox" data-step="1" id="${escaped(step.id)}"${step.done === null ? '' : ' checked'}>${say.stepDone}</label></section>`,
  ].join('\n');
}
