/** Cricket's calculators and the model behind them. Pure functions of plain data. */
export const coreVersion = '0.1.0';
