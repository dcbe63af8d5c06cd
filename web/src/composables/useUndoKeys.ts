import * as say from './words.ts';
import { useEventListener } from '@vueuse/core';

const TEXT = say.inputNotTypeInput;

/**
 * Ctrl+Z and Ctrl+Shift+Z (or Ctrl+Y) wherever the focus is. Only a text field that is being typed in
 * keeps them: there they take back letters.
 */
export function useUndoKeys(undo: () => void, redo: () => void): void {
  let typedIn: EventTarget | null = null;
  const done = (): void => {
    typedIn = null;
  };
  useEventListener(window, 'input', ({ target }: Event) => {
    if (target instanceof Element && target.matches(TEXT)) typedIn = target;
  });
  useEventListener(window, 'change', done);
  useEventListener(window, 'focusout', done);
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const key = event.key.toLowerCase();
    if (key === 'enter' || key === 'escape') done();
    if (!(event.ctrlKey || event.metaKey) || (key !== 'z' && key !== 'y')) return;
    if (typedIn !== null && typedIn === event.target) return;
    event.preventDefault();
    if (key === 'y' || event.shiftKey) redo();
    else undo();
  });
}
