import type { BikeKind } from '@cricket/contract/shapes';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

@Entity('bike')
@Index('bike_in_shop', ['createdAt'], { where: 'withdrawn_at IS NULL' })
export class BikeEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'text' })
  tag!: string;

  @Column({ type: 'text' })
  name!: string;

  @Column({ type: 'text' })
  kind!: BikeKind;

  @Column({ type: 'text', name: 'rider_initials', nullable: true })
  riderInitials!: string | null;

  @Column({ type: 'double precision', name: 'bead_seat_mm', nullable: true })
  beadSeatMm!: number | null;

  @Column({ type: 'double precision', name: 'wheelbase_mm', nullable: true })
  wheelbaseMm!: number | null;

  @Column({ type: 'double precision', name: 'chain_stay_mm', nullable: true })
  chainStayMm!: number | null;

  @Column({ type: 'timestamptz', name: 'created_at', precision: 3 })
  createdAt!: Date;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;

  @Column({ type: 'integer' })
  version!: number;
}
