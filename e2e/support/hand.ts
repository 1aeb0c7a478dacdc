import { expect, type Locator, type Page } from '@playwright/test';

import { caliper, keypad, measuring } from './test';

/** An installer's hand: every tap, field and reading is counted. A reading from a typing caliper is one tap. */
export class Hand {
  taps = 0;
  private readonly began = Date.now();

  constructor(
    readonly page: Page,
    /** How lengths arrive. */
    private readonly by: 'caliper' | 'keypad',
  ) {}

  async tap(target: Locator): Promise<void> {
    this.taps++;
    await target.click();
  }

  async fill(target: Locator, text: string): Promise<void> {
    this.taps++;
    await target.fill(text);
  }

  async answer(title: string, word: string): Promise<void> {
    await measuring(this.page, title);
    await this.tap(this.page.getByRole('radio', { name: word, exact: true }));
  }

  async read(title: string, value: string): Promise<void> {
    await measuring(this.page, title);
    if (this.by === 'caliper') {
      this.taps++;
      await caliper(this.page, value);
      return;
    }
    this.taps += value.length + 1;
    await keypad(this.page, value);
    await expect(this.page.getByTestId('reading')).toHaveText(value);
    await this.page.getByTestId('keep').click();
  }

  async skip(title: string): Promise<void> {
    await measuring(this.page, title);
    await this.tap(this.page.getByRole('button', { name: 'Skip' }));
  }

  get seconds(): number {
    return (Date.now() - this.began) / 1000;
  }
}

/** What take-in asks: rider, climb, class, brakes. */
export async function takeIn(hand: Hand): Promise<void> {
  const { page } = hand;
  await expect(page.getByRole('heading', { name: 'Take in' })).toBeVisible();
  for (const [field, text] of [
    ['bikeKg', '17'],
    ['riderKg', '72'],
    ['loadKg', '8'],
    ['climb', '4'],
    ['descent', '4'],
    ['speedKmh', '23'],
  ] as const) {
    await hand.fill(page.getByTestId(`field-${field}`), text);
  }
  await hand.tap(page.getByRole('radio', { name: 'Assisted bike, 25 km/h' }));
  for (const brake of ['Front brake', 'Rear brake']) {
    await hand.tap(page.getByRole('radiogroup', { name: brake }).getByRole('radio', { name: 'Rim', exact: true }));
  }
  await hand.tap(page.getByTestId('keep-take-in'));
}

/** Answers and lengths of a front rim-brake end on which FW-1 goes. */
export const frontEnd: readonly (readonly ['answer' | 'read', title: string, value: string])[] = [
  ['answer', 'What the dropouts are made of', 'Steel'],
  ['answer', 'What the blades or stays are made of', 'Steel'],
  ['answer', 'Suspension', 'Rigid'],
  ['answer', 'Condition of this end', 'Sound'],
  ['answer', 'Kind of slot', 'Open, flat bottom'],
  ['answer', 'What else lives on the axle', 'Nothing'],
  ['read', 'Old rim to left dropout', '37.5'],
  ['read', 'Old rim to right dropout', '37.5'],
  ['read', 'Spacing, front of the dropouts', '100.1'],
  ['read', 'Spacing, back of the dropouts', '100.1'],
  ['read', 'Left slot, width at the mouth', '10.16'],
  ['read', 'Left slot, width in the middle', '10.14'],
  ['read', 'Left slot, width at the seat', '10.1'],
  ['read', 'Right slot, width at the mouth', '10.16'],
  ['read', 'Right slot, width in the middle', '10.12'],
  ['read', 'Right slot, width at the seat', '10.1'],
  ['read', 'Left slot depth', '14'],
  ['read', 'Right slot depth', '14'],
  ['read', 'Left plate at the seat', '5'],
  ['read', 'Right plate at the seat', '5'],
  ['answer', 'Left retaining lip', 'Smooth'],
  ['answer', 'Right retaining lip', 'Smooth'],
  ['read', 'Old axle', '11.5'],
  ['read', 'How the slot lies to the blade', '0'],
  ['read', 'Where the blade can be clamped: from', '60'],
  ['read', 'Where the blade can be clamped: to', '190'],
  ['read', 'Blade, thickness', '20'],
  ['read', 'Left blade against the dropout', '0.5'],
  ['read', 'Right blade against the dropout', '0.5'],
  ['read', 'Between legs or stays beside the motor', '88'],
  ['read', 'Tyre size', '559'],
  ['read', 'Room for the tyre', '60'],
];

/** The seven answers after which every kit has a verdict so far. */
export async function firstLook(hand: Hand): Promise<void> {
  await hand.tap(hand.page.getByTestId('first-look'));
  await hand.answer('What the dropouts are made of', 'Steel');
  await hand.answer('What the blades or stays are made of', 'Steel');
  await hand.answer('Kind of slot', 'Open, flat bottom');
  await hand.read('Spacing, front of the dropouts', '100.1');
  await hand.read('Left slot, width in the middle', '10.1');
  await hand.answer('Brake at this end', 'Rim brake');
  await hand.answer('Left retaining lip', 'Smooth');
}

/** Brings a bike in, takes it in and measures its front end. */
export async function measuredFront(hand: Hand, url: string, tag: string, name: string): Promise<void> {
  const { page } = hand;
  await page.goto(url);
  await hand.tap(page.getByRole('button', { name: 'Bike in' }));
  await hand.fill(page.getByTestId('field-tag'), tag);
  await hand.fill(page.getByTestId('field-name'), name);
  await hand.tap(page.getByRole('button', { name: 'Bring in' }));
  await expect(page.getByTestId('next')).toContainText('Finish taking it in');
  await hand.tap(page.getByTestId('go-on'));
  await takeIn(hand);
  await expect(page.getByTestId('next')).toContainText('Say what the dropouts are made of');
  await hand.tap(page.getByTestId('go-on'));
  for (const [how, title, value] of frontEnd)
    await (how === 'answer' ? hand.answer(title, value) : hand.read(title, value));
  await measuring(page, 'Tyre width');
}

/** Opens one kit in the match: on a phone it is a line of the list, on a wide screen all stand as rows. */
export async function openKit(hand: Hand, code: string, end: 'front' | 'rear'): Promise<void> {
  const line = hand.page.getByTestId(`kit-${code}-${end}`);
  const table = hand.page.getByTestId('kit-table');
  await expect(line.or(table).first()).toBeVisible();
  if (await line.isVisible()) await hand.tap(line);
}
