import { Matches } from 'class-validator';

/** A text that says something: blanks alone are nothing to go by. */
export const NotBlank = (): PropertyDecorator => Matches(/\S/, { message: '$property must not be blank' });
