import type { End } from '@cricket/core/features';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

@Entity('choice')
@Index('choice_of_bike', ['bikeId'])
export class ChoiceEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'uuid', name: 'bike_id' })
  bikeId!: string;

  @Column({ type: 'text', name: 'bike_end' })
  end!: End;

  @Column({ type: 'text' })
  kind!: 'end' | 'wheel';

  @Column({ type: 'uuid', name: 'wheel_id', nullable: true })
  wheelId!: string | null;

  @Column({ type: 'timestamptz', name: 'chosen_at', precision: 3 })
  chosenAt!: Date;

  @Column({ type: 'text' })
  person!: string;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;
}
