import { registerDecorator, type ValidationArguments } from 'class-validator';

/** How far ahead of the server a phone's clock may run. */
const aheadMs = 5 * 60 * 1000;
/** A phone whose battery was flat begins anew in 1970: no entry is older than this. */
const earliest = Date.UTC(2020, 0, 1);

const pattern = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d{1,6})?)?(Z|[+-]\d{2}:?\d{2})$/;

/** Day, time and zone of something that has happened: not in the future, and not from a clock that was reset. */
export const IsMoment = (): PropertyDecorator => (target, propertyName) =>
  registerDecorator({
    name: 'isMoment',
    target: target.constructor,
    propertyName: String(propertyName),
    validator: {
      validate: (value: unknown) => whyNot(value) === null,
      defaultMessage: ({ value, property }: ValidationArguments) => `${property} ${whyNot(value) ?? ''}`,
    },
  });

function whyNot(value: unknown): string | null {
  if (typeof value !== 'string' || !pattern.test(value)) {
    return 'must be day, time and zone, such as 2026-03-02T09:30:00.000Z';
  }
  const at = Date.parse(value);
  if (Number.isNaN(at)) return 'must be a day and time that there is';
  if (at > Date.now() + aheadMs) return 'must not be in the future: see whether the clock is right';
  return at < earliest ? 'must not be before 2020: see whether the clock is right' : null;
}
