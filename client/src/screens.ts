/**
 * Every screen but the first one, in one piece that is fetched after it. What two pieces share goes into the first load: in
 * several pieces all that computes would be fetched before the list of bikes is there.
 */
export { BarScreen } from './bar/bar-screen';
export { BayScreen } from './bay/bay-screen';
export { BikeBeside } from './bike/bike-beside';
export { BikeScreen } from './bike/bike-screen';
export { CranksScreen } from './cranks/cranks-screen';
export { EditBikeScreen } from './bike/edit-bike-screen';
export { NewBikeScreen } from './bike/new-bike-screen';
export { BothScreen } from './both/both-screen';
export { CablesScreen } from './cables/cables-screen';
export { ClaimScreen } from './claim/claim-screen';
export { FilesScreen } from './files/files-screen';
export { FitScreen } from './fit/fit-screen';
export { StackScreen } from './fit/stack-screen';
export { GearsScreen } from './gears/gears-screen';
export { JournalScreen } from './journal/journal-screen';
export { RiderScreen } from './kit/rider-screen';
export { LacingScreen } from './lacing/lacing-screen';
export { LeversScreen } from './levers/levers-screen';
export { LimitsScreen } from './limits/limits-screen';
export { LockScreen } from './lock/lock-screen';
export { MatchScreen } from './match/match-screen';
export { MeasureScreen } from './measure/measure-screen';
export { OpenScreen } from './open/open-screen';
export { OrderScreen } from './order/order-screen';
export { PeopleScreen } from './people/people-screen';
export { PowerScreen } from './power/power-screen';
export { PutBackScreen } from './put-back/put-back-screen';
export { RoomScreen } from './room/room-screen';
export { ShopScreen } from './shop/shop-screen';
export { StandScreen } from './stand/stand-screen';
export { StoreItemScreen } from './stores/store-item-screen';
export { StoresScreen } from './stores/stores-screen';
export { TakeInScreen } from './take-in/take-in-screen';
export { TemplateScreen } from './template/template-screen';
export { ToolsScreen } from './tools/tools-screen';
export { TruingScreen } from './truing/truing-screen';
export { UnitsScreen } from './units/units-screen';
export { WaysScreen } from './match/ways-screen';
export { WiringScreen } from './wiring/wiring-screen';
export { ChooseWheelScreen } from './wheel/choose-wheel-screen';
export { MeasureWheelScreen } from './wheel/measure-wheel-screen';
export { WheelScreen } from './wheel/wheel-screen';
export { WheelsScreen } from './wheel/wheels-screen';
