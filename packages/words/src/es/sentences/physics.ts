import type { Sentences } from '../../language-table.js';

/** What is said of the simulations. */
export const physics: Sentences = {
  'The flow falls evenly; the disc is carried along by it and falls the rest by its own weight and spring; the column that has turned round by then stops dead, rho a v.':
    'El flujo baja parejo; el disco va con él y cae lo demás por su propio peso y resorte; la columna que para entonces ya regresó se detiene en seco, rho a v.',
  'One stop of the pump, one check valve and the column of water behind it.':
    'Un paro de la bomba, un check y la columna de agua detrás de él.',
  'Dashpots and air cushions, the drag of the reversing flow on the disc, and grit that holds it open.':
    'Amortiguadores y colchones de aire, el arrastre del flujo que se invierte sobre el disco, y arena que lo deja abierto.',
  'Least velocity that lifts the disc fully, v = j sqrt(1/rho).':
    'Velocidad mínima que levanta el disco del todo, v = j sqrt(1/rho).',
  'Clean liquid, a steady stream, pipe of the check’s own size ahead of it.':
    'Líquido limpio, flujo constante, tubo del mismo tamaño que el check antes de él.',
  'Bends and pumps close ahead, which shake a disc that just hangs.':
    'Codos y bombas cerca, antes, que sacuden un disco que apenas cuelga.',
  'Gas through the sacrificial valve by its Kv; so many volumes of the line at its pressure.':
    'Gas por la válvula de sacrificio según su Kv; tantos volúmenes de la línea a su presión.',
  'A line held at its pressure while it is cleared; generic x_T for each kind of valve.':
    'Una línea a su presión mientras se purga; x_T genérico para cada clase de válvula.',
  'Air left in dead ends and mixed gas: the indicator decides when it is clear, not the clock.':
    'Aire que queda en puntas muertas y gas mezclado: el indicador decide cuándo está limpia, no el reloj.',
  'The sizing equations of the fuel-gas codes, longest run with fittings as lengths.':
    'Las ecuaciones de dimensionamiento de los códigos de gas combustible, tramo más largo con accesorios como longitudes.',
  'Smooth-walled pipe of one size, gas at 15 degrees C.':
    'Tubo de pared lisa de un solo tamaño, gas a 15 grados C.',
  'Height, diversity of appliances, and meters and regulators on the way.':
    'Altura, simultaneidad de los aparatos, y medidores y reguladores en el camino.',
  'The network has too many checks inside its segments: give it in parts.':
    'La red tiene demasiados checks dentro de sus segmentos: divídala en partes.',
  'The segments of this network put out more than {{most_named}} users between them: give it in parts.':
    'Los segmentos de esta red dejan sin servicio en total a más de {{most_named}} usuarios: divídala en partes.',
  'Volume of the runs, times the changes of water, over the flow that gives the velocity.':
    'Volumen de los tramos, por los cambios de agua, entre el flujo que da la velocidad.',
  'Runs one after the other; one outlet open.': 'Los tramos uno tras otro; una salida abierta.',
  'What the fittings hold, and how the supply’s pressure falls with the flow.':
    'Lo que guardan los accesorios, y cómo baja la presión del suministro con el flujo.',
  'Pressures taken to the temperature of the start; a straight line through them.':
    'Presiones llevadas a la temperatura del inicio; una recta por ellas.',
  'A closed line, one temperature in all of it, the gauge on it the whole time.':
    'Una línea cerrada, una misma temperatura en toda ella, el manómetro puesto todo el tiempo.',
  'Air trapped in a line full of water, which hides a leak; valves that leak by from the other side.':
    'Aire atrapado en una línea llena de agua, que esconde una fuga; válvulas que dejan pasar desde el otro lado.',
  'There are no samples.': 'No hay muestras.',
  'L = S D sqrt(P) / 148,000 in US gallons an hour, feet, inches and psi.':
    'L = S D sqrt(P) / 148,000 en galones de EE. UU. por hora, pies, pulgadas y psi.',
  'Push-on and mechanical joints of iron pipe; PVC by the same formula in AWWA C605.':
    'Juntas de empuje y mecánicas de tubo de hierro; PVC con la misma fórmula en AWWA C605.',
  'Air left in the main, and closed valves that leak by, tested with it.':
    'Aire que queda en la línea, y válvulas cerradas que dejan pasar, probadas con ella.',
  'Rests of 60 s, steady draws of 20 s; medians, a straight line through each rest.':
    'Reposos de 60 s, extracciones constantes de 20 s; medianas, una recta por cada reposo.',
  'One reducer, its outlet read at the valve.': 'Una reductora, su salida leída en la válvula.',
  'Changes of the pressure ahead of it.': 'Cambios de la presión antes de ella.',
  '{{at}} is {{time}}, and the sample before it is at {{before}} s: times must rise.':
    '{{at}} es {{time}}, y la muestra anterior está en {{before}} s: los tiempos deben subir.',
  'Balance of the well in each rest, with the inflow of the runs on both sides; median slopes; under 3 % of what was lifted holds, to 30 % passes.':
    'Balance del cárcamo en cada descanso, con la entrada de las corridas de ambos lados; pendientes medianas; menos de 3 % de lo subido cierra bien, hasta 30 % deja pasar.',
  'One pump at a time, a well of one plan area, samples 1 to 60 s apart.':
    'Una bomba a la vez, un cárcamo de una sola área, muestras cada 1 a 60 s.',
  'Storage in the sewer above the well.': 'Almacenamiento en el drenaje antes del cárcamo.',
  'samples hold {{length}} whole {{what}} of a rest between two runs: give a log with at least {{fewest}}.':
    'samples tiene {{length}} {{what}} completos de un descanso entre dos corridas: dé un registro con al menos {{fewest}}.',
  'After this stop {{liters}} liters ran back, {{share}} % of what the pump had lifted.':
    'Después de este paro regresaron {{liters}} litros, {{share}} % de lo que había subido la bomba.',
  'file has no column for the {{name}}: time, level and pump must be named in its first row, as timeS, level (ft), pumpOn.':
    'El archivo no tiene columna para {{name}}: time, level y pump deben estar en su primera fila, como timeS, level (ft), pumpOn.',
  'Steam the radiator condenses through a part-open valve as a gas; the opening from its characteristic.':
    'Vapor que condensa el radiador por una válvula a medio abrir, como un gas; la apertura según su característica.',
  'Dry saturated steam at the supply pressure, up to about one bar.':
    'Vapor saturado seco a la presión del suministro, hasta cerca de un bar.',
  'Water in the steam, pipe losses up to the valve, and traps that hold back.':
    'Agua en el vapor, pérdidas de tubo hasta la válvula, y trampas que retienen.',
  'Method of characteristics at Courant number 1, constant Darcy friction; the valve by its characteristic.':
    'Método de las características con número de Courant 1, fricción de Darcy constante; la válvula según su característica.',
  'One level pipe of one size from a source that keeps its head to a valve that discharges freely.':
    'Un tubo a nivel de un solo tamaño, desde un origen que mantiene su carga hasta una válvula que descarga libre.',
  'Branches, air in the line, friction that grows as it shakes, and what parted columns do when they meet again: heads are held at boiling, and the peak after it is a lower bound.':
    'Ramales, aire en la línea, fricción que crece al sacudirse, y lo que hacen las columnas separadas al juntarse: las cargas se detienen en la ebullición, y el pico después es un límite inferior.',
  'Resistances in series; choked flow by the recovery factor F_L; incipient cavitation by an index for each family.':
    'Resistencias en serie; flujo bloqueado por el factor de recuperación F_L; cavitación incipiente por un índice de cada familia.',
  'Liquids, turbulent, the rest of the line one fixed resistance.':
    'Líquidos, turbulento, el resto de la línea una resistencia fija.',
  'Fittings right beside the valve, play in the stem, and what wear does to the seat.':
    'Accesorios pegados a la válvula, juego del vástago, y lo que el desgaste hace al asiento.',
  'Flow and loss by the line, the jet by its loss, wear with the jet’s speed to the power of 2.5 and the flow.':
    'Flujo y pérdida según la línea, el chorro según su pérdida, el desgaste con la velocidad del chorro a la 2.5 y el flujo.',
  'Comparing one opening with another on the same line and the same grit.':
    'Comparar una apertura con otra en la misma línea y la misma arena.',
  'How much grit there is, how hard it is, and what the seat is made of.':
    'Cuánta arena hay, qué tan dura es, y de qué es el asiento.',
  'Jet by the loss, v = sqrt(2 dp / rho); push by the loss on the disc; eddies at a Strouhal number of 0.2.':
    'Chorro según la pérdida, v = sqrt(2 dp / rho); empuje según la pérdida en el disco; remolinos con un número de Strouhal de 0.2.',
  'A gate whose wedge hangs free between open and shut.':
    'Una compuerta cuya cuña cuelga libre entre abierta y cerrada.',
  'Play of the guides, which differs from maker to maker and grows with wear.':
    'El juego de las guías, que difiere entre fabricantes y crece con el desgaste.',
  'Energy along a stream line with the K of the open valve; three tenths of the loss going in, the rest behind.':
    'Energía a lo largo de una línea de corriente con la K de la válvula abierta; tres décimos de la pérdida a la entrada, el resto después.',
  'Turbulent flow, straight pipe for five bores on both sides.':
    'Flujo turbulento, tubo recto por cinco diámetros en ambos lados.',
  'Fittings close by, and the rough edge of a worn seat.':
    'Accesorios cercanos, y el filo áspero de un asiento gastado.',
  'Water from a positive-displacement machine at its full pressure.':
    'Agua de una máquina de desplazamiento positivo a su presión completa.',
  'Pulsation of the pump, soap, grit, and the heat the body gives away.':
    'La pulsación de la bomba, jabón, arena, y el calor que cede el cuerpo.',
  'Speed in the bore by continuity; loss by the K of a reduced ball; warming by the whole pressure turned to heat.':
    'Velocidad en el paso por continuidad; pérdida según la K de una bola reducida; calentamiento según toda la presión hecha calor.',
  'Wylie and Streeter, Fluid Transients; wave speed by Korteweg.':
    'Wylie y Streeter, Fluid Transients; velocidad de la onda según Korteweg.',
  'Closed form of our own, in its doc block, with generic figures of travel, weight and spring; a maker’s test wins.':
    'Fórmula propia, en su documentación, con valores genéricos de recorrido, peso y resorte; la prueba de un fabricante manda.',
  'IEC 60534-2-1 for the flow; the purging table of NFPA 54 / IFGC for where it may go.':
    'IEC 60534-2-1 para el flujo; la tabla de purga de NFPA 54 / IFGC para dónde puede ir.',
  'IEC 60534-2-1; saturation by the Buck form; 240 Btu/h a square foot of radiation.':
    'IEC 60534-2-1; saturación según Buck; 240 Btu/h por pie cuadrado de radiación.',
  'Usual practice of lift-station crews; Theil and Sen for slopes.':
    'Práctica usual de las cuadrillas de estaciones de bombeo; Theil y Sen para las pendientes.',
  'Resistances in series; erosion of ductile metals by particles, exponents of 2 to 3 are usual.':
    'Resistencias en serie; erosión de metales dúctiles por partículas, son usuales exponentes de 2 a 3.',
  'Resistances in series; our own generic figure of three times the stream for where a loose wedge shakes.':
    'Resistencias en serie; un valor genérico propio de tres veces la corriente para donde vibra una cuña suelta.',
  'Crane TP-410, reduced-seat forms for step and taper.':
    'Crane TP-410, formas de asiento reducido para escalón y cono.',
  'Crane TP-410 for K; p / (rho c) for the warming; the trade’s twelve metres a second in the bore.':
    'Crane TP-410 para K; p / (rho c) para el calentamiento; los doce metros por segundo del oficio en el paso.',
  'IEC 60534-2-1; generic characteristics, a maker’s curve wins.':
    'IEC 60534-2-1; características genéricas, la curva de un fabricante manda.',
  'Crane TP-410 for swing, tilting and lift checks; generic factors of the same form for the others.':
    'Crane TP-410 para checks de columpio, basculantes y de elevación; factores genéricos de la misma forma para los otros.',
  'NFPA 54 / IFGC; usual L/D of threaded fittings.': 'NFPA 54 / IFGC; L/D usual de accesorios roscados.',
};
