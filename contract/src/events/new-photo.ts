import { said } from '@cricket/core/said';
import { Base64, Checked, Maybe, OneOf, Optional, Text } from '@cricket/core/input';
import { places, type Place } from '@cricket/core/model';

import { Moment } from '../moment';
import { largestPhoto } from '../shapes';

const nameOfShot = /^[a-z0-9.-]+$/;

/** A photo, shrunk on the phone before it is sent. */
export class NewPhoto {
  @OneOf(places) place!: Place;
  /** @example "condition" */
  @Checked(Text(80), (about: string) => nameOfShot.test(about), said('contract.small-letters-figures-dots-and-hyphens'))
  about!: string;
  @Optional() @Maybe() @Text(200) note?: string | null;
  /** JPEG, PNG or WebP. */
  @Base64(said('contract.picture-in-base64-of-at-most'), largestPhoto) picture!: string;
  /** By the phone's clock. */
  @Moment() takenAt!: string;
}
