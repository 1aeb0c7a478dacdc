import { Column, Entity, Index } from 'typeorm';

import { OfBike } from './of-bike';

/** A photo of a job. The pictures are read only when one is looked at. */
@Entity('photo')
@Index('photo_of_bike', ['bikeId'])
export class PhotoEntity extends OfBike {
  @Column({ type: 'text' })
  about!: string;

  @Column({ type: 'text', nullable: true })
  note!: string | null;

  @Column({ type: 'timestamptz', name: 'taken_at', precision: 3 })
  takenAt!: Date;

  @Column({ type: 'integer', name: 'width_px' })
  widthPx!: number;

  @Column({ type: 'integer', name: 'height_px' })
  heightPx!: number;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;

  @Column({ type: 'bytea', select: false })
  picture!: Buffer;

  /** For lists. */
  @Column({ type: 'bytea', select: false })
  small!: Buffer;
}
