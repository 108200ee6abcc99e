/** Ionic strength [mol/kg] of fresh water from its hardness (Ca and Mg, mmol/L) and alkalinity (meq/L): bicarbonate and a single-charged ion make up the charge. Feed adds about 0.001. Estimate within a third; activity hardly depends on it. */
export function ionicStrengthOf(hardnessMmolPerL: number, alkalinityMeqPerL: number): number {
  // ½·Σ c·z²: 4·H for the double ions; the rest is HCO3, and Cl where hardness leads or Na where alkalinity leads.
  const mmolPerL = Math.max(3 * hardnessMmolPerL, hardnessMmolPerL + alkalinityMeqPerL)
  return Math.min(0.1, mmolPerL / 1000)
}
