/** 0 °C in kelvin. */
export const KELVIN = 273.15
