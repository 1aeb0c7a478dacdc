/** Pages on the web lie in slots: no stack of a telephone is ever drawn. */
export const createNativeStackNavigator = () => ({ Navigator: () => null });
