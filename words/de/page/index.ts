import bar from './bar.json';
import bay from './bay.json';
import bike from './bike.json';
import both from './both.json';
import cables from './cables.json';
import caliper from './caliper.json';
import claim from './claim.json';
import cost from './cost.json';
import cranks from './cranks.json';
import data from './data.json';
import drawingAxleLine from './drawing-axle-line.json';
import files from './files.json';
import fit from './fit.json';
import gears from './gears.json';
import journal from './journal.json';
import kit from './kit.json';
import lacing from './lacing.json';
import levers from './levers.json';
import limits from './limits.json';
import lock from './lock.json';
import match from './match.json';
import measure from './measure.json';
import next from './next.json';
import ofBike from './of-bike.json';
import open from './open.json';
import order from './order.json';
import people from './people.json';
import photos from './photos.json';
import power from './power.json';
import putBack from './put-back.json';
import room from './room.json';
import session from './session.json';
import shop from './shop.json';
import stand from './stand.json';
import steps from './steps.json';
import stores from './stores.json';
import takeIn from './take-in.json';
import template from './template.json';
import today from './today.json';
import tools from './tools.json';
import truing from './truing.json';
import ui from './ui.json';
import units from './units.json';
import wheel from './wheel.json';
import wiring from './wiring.json';

/** What the page says of itself, by the folder that shows it. */
export const page = {
  bar,
  bay,
  bike,
  both,
  cables,
  caliper,
  claim,
  cost,
  cranks,
  data,
  'drawing-axle-line': drawingAxleLine,
  files,
  fit,
  gears,
  journal,
  kit,
  lacing,
  levers,
  limits,
  lock,
  match,
  measure,
  next,
  'of-bike': ofBike,
  open,
  order,
  people,
  photos,
  power,
  'put-back': putBack,
  room,
  session,
  shop,
  stand,
  steps,
  stores,
  'take-in': takeIn,
  template,
  today,
  tools,
  truing,
  ui,
  units,
  wheel,
  wiring,
};
