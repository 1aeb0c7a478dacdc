import { Secret, Text, Uuid } from '@cricket/core/input';

import { Pin } from './pin';

/** Name and password of a person of the shop. */
export class SignIn {
  @Text(80) name!: string;
  @Secret(1, 200) password!: string;
}

/** Another person takes the phone at the stand: short, and only where somebody has signed in with a password before. */
export class PinSwitch {
  @Uuid() personId!: string;
  @Pin() pin!: string;
}
