import { IsString, IsUUID, Length, Matches } from 'class-validator';

/** Name and password of a person of the shop. */
export class SignIn {
  @IsString()
  @Length(1, 80)
  name!: string;

  @IsString()
  @Length(1, 200)
  password!: string;
}

/** Another person takes the phone at the stand: short, and only where somebody has signed in with a password before. */
export class PinSwitch {
  @IsUUID()
  personId!: string;

  @IsString()
  @Matches(/^\d{4,8}$/, { message: 'pin must be 4 to 8 digits' })
  pin!: string;
}
