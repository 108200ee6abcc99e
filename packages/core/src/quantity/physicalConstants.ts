/** Standard atomic weights [g/mol], IUPAC/CIAAW 2021 (Prohaska et al. 2022); the conventional single value where the standard is an interval. */
export const ATOMIC_WEIGHT = {
  H: 1.008,
  B: 10.81,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  Na: 22.98976928,
  Mg: 24.305,
  P: 30.973761998,
  S: 32.06,
  Cl: 35.45,
  K: 39.0983,
  Ca: 40.078,
  Mn: 54.938043,
  Fe: 55.845,
  Cu: 63.546,
  Zn: 65.38,
  Mo: 95.95,
} as const
export type Element = keyof typeof ATOMIC_WEIGHT

/** Carbon dioxide [g/mol], equally mg per mmol. */
export const CO2_G_PER_MOL = 44.009
/** Gas constant [J/(mol K)], CODATA 2018. */
export const GAS_CONSTANT = 8.31446261815324
/** Kelvin at 0 °C. */
export const KELVIN_AT_0_C = 273.15
/** Standard gravity, exact by definition (CGPM 1901). */
export const GRAVITY_M_PER_S2 = 9.80665
/** Alkalinity [meq/L] of one German degree: 10 mg/L CaO by definition, M(CaO) = 56.077 g/mol. */
export const MEQ_PER_DKH = 20 / 56.077
/** Calcium plus magnesium [mmol/L] of one German degree of hardness. */
export const MMOL_PER_DGH = 10 / 56.077
/** Heat of a litre of water for each kelvin, at 25 °C [J/(L K)] (CRC Handbook of Chemistry and Physics: 4.181 J/(g K), 0.997 kg/L). */
export const WATER_J_PER_L_K = 4168
