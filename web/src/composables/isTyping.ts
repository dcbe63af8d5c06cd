/** Whether a key goes into a field, or turns a control that has keys of its own. */
export const isTyping = ({ target }: KeyboardEvent): boolean =>
  target instanceof HTMLElement &&
  target.closest(
    'input:not([type="radio"]), textarea, select, [role="slider"], [role="application"]',
  ) !== null;
