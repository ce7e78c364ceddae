import { useEffect, useEffectEvent } from 'react';

const TYPING = 'input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]';

/** A letter or a figure is typed, or meant to be, wherever in a form the focus is. */
const isTyped = (event: KeyboardEvent, target: HTMLElement | null): boolean =>
  target !== null && (target.closest(TYPING) !== null || (event.key.length === 1 && target.closest('form') !== null));

/** A key anywhere on the page, unless somebody is typing, is in a form, or a dialog is open. */
export function useKey(key: string, act: (event: KeyboardEvent) => void, on = true, withCtrl = false): void {
  // Listened for once: what it does then is what is meant by then.
  const pressed = useEffectEvent((event: KeyboardEvent) => {
    const target = event.target as HTMLElement | null;
    const ctrl = event.ctrlKey || event.metaKey;
    if (event.key !== key || ctrl !== withCtrl || event.altKey || event.defaultPrevented) {
      return;
    }
    if (isTyped(event, target) || document.querySelector('[role=dialog][data-state=open]')) {
      return;
    }
    // What it opens has the focus at once, and the key is not to be typed there.
    event.preventDefault();
    act(event);
  });
  useEffect(() => {
    if (!on) {
      return;
    }
    const listen = (event: KeyboardEvent) => pressed(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [on]);
}

/**
 * Enter is the next move: the one button marked as such, unless another control has the focus.
 * The chosen entry of a list counts as nothing left to choose.
 */
export function useNextMove(): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      const control = target?.closest(`${TYPING}, button, a, [role=radio]`);
      if (event.key !== 'Enter' || event.defaultPrevented || event.ctrlKey || event.repeat) {
        return;
      }
      if (control && control.getAttribute('aria-current') !== 'true') {
        return;
      }
      const scope = document.querySelector('[role=dialog][data-state=open]') ?? document;
      const next = scope.querySelector<HTMLButtonElement>('[data-next]:not(:disabled)');
      if (next) {
        event.preventDefault();
        next.click();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
