import { expect, type Locator, type Page } from '@playwright/test';

/** How a person works the screen: by keys alone, or by touch alone. */
export interface Hand {
  press(target: Locator): Promise<void>;
  type(field: Locator, text: string): Promise<void>;
  choose(field: Locator, option: string): Promise<void>;
  /** Picks one of a row of choices. */
  pick(group: Locator, option: string | RegExp): Promise<void>;
}

const MOST_TABS = 220;
/** Keys that are sent before it is looked where they led: a person does not wait between them either. */
const AT_ONCE = 10;
const isFocused = (target: Locator) => target.evaluate((element) => element === document.activeElement);

type Stop = { element: Element; within: boolean };
/** Tab goes no further from the thing, or from what is in it, once it is there; answers whether it is. */
const stopAt = (target: Locator, within: boolean) =>
  target.evaluate((element, inside) => {
    const page = window as Window & { stopAt?: Stop | undefined };
    const isThere = ({ element: e, within: w }: Stop) => (w ? e.contains(document.activeElement) : e === document.activeElement);
    if (page.stopAt === undefined)
      window.addEventListener(
        'keydown',
        (event) => {
          if (event.key !== 'Tab' || !page.stopAt || !isThere(page.stopAt)) return;
          event.preventDefault();
          event.stopImmediatePropagation();
        },
        true,
      );
    page.stopAt = { element, within: inside };
    return isThere(page.stopAt);
  }, within);

/** Keys only: Tab to the thing, then Enter, arrows or typing. Nothing is focused by script. */
export function keyboard(page: Page): Hand {
  const tabTo = async (target: Locator, within = false) => {
    await expect(target).toBeVisible();
    for (let i = 0; i < MOST_TABS; i += AT_ONCE) {
      if (await stopAt(target, within)) return;
      await Promise.all(Array.from({ length: AT_ONCE }, () => page.keyboard.press('Tab')));
    }
    if (!(await stopAt(target, within))) throw new Error(`not reached by keyboard: ${String(target)}`);
  };
  return {
    async press(target) {
      await tabTo(target);
      await page.keyboard.press('Enter');
    },
    async type(field, text) {
      await tabTo(field);
      await page.keyboard.press('ControlOrMeta+a');
      await page.keyboard.type(text);
    },
    async choose(field, option) {
      await tabTo(field);
      await page.keyboard.press('Home');
      const chosen = () => field.evaluate((e) => (e as HTMLSelectElement).selectedOptions[0]!.textContent!.trim());
      for (let i = 0; i < 60 && (await chosen()) !== option; i++) await page.keyboard.press('ArrowDown');
      expect(await chosen()).toBe(option);
    },
    async pick(group, option) {
      const wanted = group.getByRole('radio', { name: option });
      await tabTo(group, true);
      for (let i = 0; i < 8 && !(await isFocused(wanted)); i++) await page.keyboard.press('ArrowRight');
      // what is drawn anew under the key takes no key: it is pressed again, as a person would
      await expect(async () => {
        if ((await wanted.getAttribute('aria-checked')) !== 'true') await page.keyboard.press('Enter');
        await expect(wanted).toHaveAttribute('aria-checked', 'true', { timeout: 1000 });
      }).toPass();
    },
  };
}

/** Taps only; a native choice opens the system's own picker, which a page cannot tap. */
export const touch: Hand = {
  press: (target) => target.tap(),
  async type(field, text) {
    await field.tap();
    await field.fill(text);
  },
  async choose(field, option) {
    await field.tap();
    await field.selectOption({ label: option });
  },
  async pick(group, option) {
    const wanted = group.getByRole('radio', { name: option });
    if ((await wanted.getAttribute('aria-checked')) !== 'true') await wanted.tap();
    await expect(wanted).toHaveAttribute('aria-checked', 'true');
  },
};
