/**
 * Every screen but the first one, in one piece that is fetched after it. What two pieces share goes into the first load: in
 * several pieces all that computes would be fetched before the list of bikes is there.
 */
export { BarScreen } from './features/bar/bar-screen';
export { BayScreen } from './features/bay/bay-screen';
export { BikeBeside } from './features/bike/bike-beside';
export { BikeScreen } from './features/bike/bike-screen';
export { CranksScreen } from './features/cranks/cranks-screen';
export { EditBikeScreen } from './features/bike/edit-bike-screen';
export { NewBikeScreen } from './features/bike/new-bike-screen';
export { BothScreen } from './features/both/both-screen';
export { CablesScreen } from './features/cables/cables-screen';
export { ClaimScreen } from './features/claim/claim-screen';
export { FilesScreen } from './features/files/files-screen';
export { FitScreen } from './features/fit/fit-screen';
export { StackScreen } from './features/fit/stack-screen';
export { GearsScreen } from './features/gears/gears-screen';
export { JournalScreen } from './features/journal/journal-screen';
export { RiderScreen } from './features/kit/rider-screen';
export { LacingScreen } from './features/lacing/lacing-screen';
export { LeversScreen } from './features/levers/levers-screen';
export { LimitsScreen } from './features/limits/limits-screen';
export { LockScreen } from './features/lock/lock-screen';
export { MatchScreen } from './features/match/match-screen';
export { MeasureScreen } from './features/measure/measure-screen';
export { OpenScreen } from './features/open/open-screen';
export { OrderScreen } from './features/order/order-screen';
export { PeopleScreen } from './features/people/people-screen';
export { PowerScreen } from './features/power/power-screen';
export { PutBackScreen } from './features/put-back/put-back-screen';
export { RoomScreen } from './features/room/room-screen';
export { ShopScreen } from './features/shop/shop-screen';
export { StandScreen } from './stand-screen';
export { StoreItemScreen } from './features/stores/store-item-screen';
export { StoresScreen } from './features/stores/stores-screen';
export { TakeInScreen } from './features/take-in/take-in-screen';
export { TemplateScreen } from './features/template/template-screen';
export { ToolsScreen } from './features/tools/tools-screen';
export { TruingScreen } from './features/truing/truing-screen';
export { UnitsScreen } from './features/units/units-screen';
export { WaysScreen } from './features/match/ways-screen';
export { WiringScreen } from './features/wiring/wiring-screen';
export { ChooseWheelScreen } from './features/wheel/choose-wheel-screen';
export { MeasureWheelScreen } from './features/wheel/measure-wheel-screen';
export { WheelScreen } from './features/wheel/wheel-screen';
export { WheelsScreen } from './features/wheel/wheels-screen';
