import type { Basis } from '@grevik/core';

/** What the looks inside stand on. */
export const DIRTY_BALL_BASIS: Basis = {
  method:
    'Flow and loss by the line, the jet by its loss, wear with the jet’s speed to the power of 2.5 and the flow.',
  source: 'Resistances in series; erosion of ductile metals by particles, exponents of 2 to 3 are usual.',
  limits: 'Comparing one opening with another on the same line and the same grit.',
  ignores: 'How much grit there is, how hard it is, and what the seat is made of.',
};
export const GATE_BASIS: Basis = {
  method:
    'Jet by the loss, v = sqrt(2 dp / rho); push by the loss on the disc; eddies at a Strouhal number of 0.2.',
  source:
    'Resistances in series; our own generic figure of three times the stream for where a loose wedge shakes.',
  limits: 'A gate whose wedge hangs free between open and shut.',
  ignores: 'Play of the guides, which differs from maker to maker and grows with wear.',
};
export const PORT_BASIS: Basis = {
  method:
    'Energy along a stream line with the K of the open valve; three tenths of the loss going in, the rest behind.',
  source: 'Crane TP-410, reduced-seat forms for step and taper.',
  limits: 'Turbulent flow, straight pipe for five bores on both sides.',
  ignores: 'Fittings close by, and the rough edge of a worn seat.',
};
