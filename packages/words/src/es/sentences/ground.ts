import type { Sentences } from '../../language-table.js';

/** What is said of media, materials, ends, sizes and figures. */
export const ground: Sentences = {
  'Relieve the pressure and prove it at a faucet before you open the line.':
    'Quite la presión y compruébelo en una llave de agua antes de abrir la línea.',
  'Local code and the maker’s sheet decide.': 'El código local y la hoja del fabricante deciden.',
  'Licensed people only; no ignition source; test every joint for leaks. {{decides}}':
    'Solo gente con licencia; sin fuentes de ignición; pruebe cada unión por fugas. {{decides}}',
  'Steam burns: let it cool, vent it and lock it out before opening. {{decides}}':
    'El vapor quema: deje enfriar, ventee y bloquee antes de abrir. {{decides}}',
  'Never enter a wet well or vault without a confined-space procedure and a gas test. {{decides}}':
    'Nunca entre a un cárcamo o bóveda sin procedimiento de espacio confinado y prueba de gas. {{decides}}',
  'cold drinking water': 'agua potable fría',
  '{{pressure}} Lead-free and approved for drinking water. {{decides}}':
    '{{pressure}} Sin plomo y aprobado para agua potable. {{decides}}',
  'hot drinking water': 'agua potable caliente',
  'Scalds: drain and cool first; dead legs breed legionella. {{pressure}} {{decides}}':
    'Escalda: vacíe y enfríe primero; los ramales muertos crían legionela. {{pressure}} {{decides}}',
  'heating water': 'agua de calefacción',
  'Scalds: let it cool, then drain. {{pressure}} {{decides}}':
    'Escalda: deje enfriar, después vacíe. {{pressure}} {{decides}}',
  'sprinkler water': 'agua de rociadores',
  'A closed fire line is an impairment: notify and post a watch. The authority and the listing decide.':
    'Una línea contra incendio cerrada deja sin protección: avise y ponga guardia. La autoridad y el listado deciden.',
  'irrigation water': 'agua de riego',
  '{{pressure}} Keep it apart from drinking water. {{decides}}':
    '{{pressure}} Manténgala separada del agua potable. {{decides}}',
  'raw sewage': 'aguas negras crudas',
  'screened effluent': 'efluente cribado',
  slurry: 'lodos',
  'Plugs hold pressure: lock out, vent and flush before opening. {{decides}}':
    'Los tapones retienen presión: bloquee, ventee y lave antes de abrir. {{decides}}',
  'natural gas': 'gas natural',
  'LP gas': 'gas LP',
  '{{fuel}} LP gas is heavier than air and lies in low places.':
    '{{fuel}} El gas LP pesa más que el aire y se queda en lugares bajos.',
  'low-pressure steam': 'vapor de baja presión',
  'vapour steam': 'vapor al vacío',
  'compressed air': 'aire comprimido',
  'Stored energy: vent and lock out before opening. {{decides}}':
    'Energía almacenada: ventee y bloquee antes de abrir. {{decides}}',
  'high-pressure wash water': 'agua de lavado a alta presión',
  'A jet at this pressure cuts skin: stop the pump and vent before opening. {{decides}}':
    'Un chorro a esta presión corta la piel: pare la bomba y ventee antes de abrir. {{decides}}',
  'corrosive liquid': 'líquido corrosivo',
  'Burns skin and eyes: drain, flush and lock out first. The maker’s resistance table decides.':
    'Quema piel y ojos: vacíe, lave y bloquee primero. La tabla de resistencia del fabricante decide.',
  'oxidiser gas': 'gas oxidante',
  'Oil or grease can ignite in it: cleaned valves and a licensed design only.':
    'El aceite o la grasa pueden encenderse en él: solo válvulas limpias y diseño con licencia.',
  copper: 'cobre',
  steel: 'acero',
  'galvanized steel': 'acero galvanizado',
  'stainless steel': 'acero inoxidable',
  PEX: 'PEX',
  PVC: 'PVC',
  CPVC: 'CPVC',
  HDPE: 'HDPE',
  'ductile iron': 'hierro dúctil',
  'corrugated stainless tube': 'tubo corrugado de acero inoxidable',
  'in w.c.': 'in c.a.',
  'sq ft EDR': 'pies² EDR',
  '3/4, 1-1/2 in or DN20': '3/4, 1-1/2 in o DN20',
  'No size is given. Enter it like {{size_examples}}.':
    'No se dio un tamaño. Anótelo como {{size_examples}}.',
  '“{{said}}” is not a pipe size. Enter it like {{size_examples}}.':
    '“{{said}}” no es un tamaño de tubo. Anótelo como {{size_examples}}.',
  '“{{said}}” is an outside diameter. Give the nominal size: {{size_examples}}.':
    '“{{said}}” es un diámetro exterior. Dé el tamaño nominal: {{size_examples}}.',
  '“{{said}}”: “{{rest}}” is not a known unit of pipe size. Enter it like {{size_examples}}.':
    '“{{said}}”: “{{rest}}” no es una unidad conocida de tamaño de tubo. Anótelo como {{size_examples}}.',
  '“{{said}}”: which unit? Enter DN{{value}}, or the size in inches.':
    '“{{said}}”: ¿en qué unidad? Anote DN{{value}}, o el tamaño en pulgadas.',
  '“{{said}}” is not a size pipe is made in. Enter it like {{size_examples}}.':
    '“{{said}}” no es un tamaño en que se fabrique tubo. Anótelo como {{size_examples}}.',
  'No {{quantity}} is given. Enter it like {{quantity2}}.':
    'No se dio el valor ({{quantity}}). Anótelo como {{quantity2}}.',
  '“{{said}}” can be read two ways. Enter it without the comma, or with a point for decimals.':
    '“{{said}}” se puede leer de dos maneras. Anótelo sin separador de miles.',
  '“{{said}}” does not start with a number. Enter it like {{quantity}}.':
    '“{{said}}” no empieza con un número. Anótelo como {{quantity}}.',
  '“{{said}}”: which unit? Enter it like {{quantity}}.':
    '“{{said}}”: ¿en qué unidad? Anótelo como {{quantity}}.',
  '“{{said}}” is below absolute zero. Enter it like {{temperature}}.':
    '“{{said}}” está bajo el cero absoluto. Anótelo como {{temperature}}.',
  '“{{said}}” is below zero. A {{quantity}} here is 0 or more: {{said2}}?':
    '“{{said}}” es menos de cero. Aquí el valor ({{quantity}}) es 0 o más: ¿{{said2}}?',
  '“{{rest}}” measures {{other}}, not {{quantity}}': '“{{rest}}” mide {{other}}, no {{quantity}}',
  '“{{rest}}” is not a known unit of {{quantity}}': '“{{rest}}” no es una unidad conocida de {{quantity}}',
  '“{{said}}”: {{why}}. Enter it like {{quantity}}.': '“{{said}}”: {{why}}. Anótelo como {{quantity}}.',
  'panel mount': 'montaje en panel',
  'wall mount': 'montaje en pared',
  'long handle': 'maneral largo',
  'safety handle': 'maneral de seguridad',
  'stem extension': 'extensión de vástago',
  'with drain': 'con dren',
  'female thread': 'rosca hembra',
  'male thread': 'rosca macho',
  'BSP parallel thread': 'rosca BSP paralela',
  'BSP taper thread': 'rosca BSP cónica',
  sweat: 'soldable',
  press: 'a presión (press)',
  'push-fit': 'de inserción',
  'PEX barb': 'espiga PEX',
  'PEX expansion': 'expansión PEX',
  'OD compression': 'compresión OD',
  flare: 'abocinado (flare)',
  'solvent socket': 'campana para cemento',
  spigot: 'espiga lisa',
  'class 125 flange': 'brida clase 125',
  'class 150 flange': 'brida clase 150',
  'class 250 flange': 'brida clase 250',
  'class 300 flange': 'brida clase 300',
  'class 600 flange': 'brida clase 600',
  'class 900 flange': 'brida clase 900',
  'class 1500 flange': 'brida clase 1500',
  'class 2500 flange': 'brida clase 2500',
  'PN16 flange': 'brida PN16',
  'brazed socket': 'campana para soldadura fuerte',
  wafer: 'oblea (wafer)',
  lug: 'orejada (lug)',
  'mechanical joint': 'junta mecánica',
  'push-on': 'de empuje (push-on)',
  grooved: 'ranurado',
  'socket weld': 'soldadura a enchufe',
  'butt weld': 'soldadura a tope',
  'male hose thread': 'rosca macho de manguera',
  'union tail': 'cola de unión',
  'shut off': 'cerrar el paso',
  'shut off in an emergency': 'cerrar el paso en una emergencia',
  throttle: 'regular el flujo',
  'stop reverse flow': 'detener el flujo inverso',
  divert: 'desviar',
  'reduce the pressure': 'reducir la presión',
  'relieve pressure': 'aliviar presión',
  purge: 'purgar',
  'yellow brass': 'latón amarillo',
  'DZR brass': 'latón DZR',
  'plated brass': 'latón cromado',
  bronze: 'bronce',
  'carbon steel': 'acero al carbono',
  'grey iron': 'hierro gris',
  PTFE: 'PTFE',
  'reinforced PTFE': 'PTFE reforzado',
  nylon: 'nylon',
  NBR: 'NBR',
  EPDM: 'EPDM',
  FKM: 'FKM',
  neoprene: 'neopreno',
  'rubber of unknown kind': 'hule de clase desconocida',
  metal: 'metal',
  graphite: 'grafito',
  'The two soft seats, from grit and from being left part open.':
    'Los dos asientos blandos, por arena y por dejarla a medio abrir.',
  'A cut seat leaks by. Not operated for a long time, scale holds the ball and the stem turns alone.':
    'Un asiento cortado deja pasar. Sin operarse por mucho tiempo, el sarro sujeta la bola y el vástago gira solo.',
  'It weeps when closed; the first sign is a stiff handle.':
    'Rezuma cuando está cerrada; la primera señal es un maneral duro.',
  'The seats of every port, from grit.': 'Los asientos de cada puerto, por arena.',
  'It leaks from one branch into the other.': 'Pasa de un ramal al otro.',
  'The closed branch gets warm, or flows.': 'El ramal cerrado se calienta, o fluye.',
  'Seats and wedge, from being left part open; the stem thread, from force.':
    'Asientos y cuña, por dejarla a medio abrir; la rosca del vástago, por fuerza.',
  'It seizes when it is not operated; forced, the stem cracks or drops the wedge.':
    'Se traba cuando no se opera; forzada, el vástago se agrieta o suelta la cuña.',
  'The wheel turns without end, or not at all; closed, water still runs.':
    'El volante gira sin fin, o no gira; cerrada, el agua sigue saliendo.',
  'The rubber of the wedge, from grit; the stem nut, from force.':
    'El hule de la cuña, por arena; la tuerca del vástago, por fuerza.',
  'Cut rubber weeps; the nut strips when it is over-turned.':
    'El hule cortado rezuma; la tuerca se barre si se gira de más.',
  'It weeps when closed; the number of turns no longer matches.':
    'Rezuma cuando está cerrada; el número de vueltas ya no coincide.',
  'The packing around the plate, and the seat on one side.':
    'El empaque alrededor de la placa, y el asiento de un lado.',
  'The packing weeps; solids under the plate hold it open.':
    'El empaque rezuma; sólidos bajo la placa la dejan abierta.',
  'It drips at the top; the plate stops short.': 'Gotea arriba; la placa se detiene antes.',
  'The disc and its seat, from throttling; the packing.':
    'El disco y su asiento, por regular el flujo; el empaque.',
  'The flow cuts a groove across the seat and it no longer shuts off.':
    'El flujo corta un surco en el asiento y ya no cierra.',
  'It hisses when closed; the stem drips.': 'Silba cuando está cerrada; el vástago gotea.',
  'The disc and its seat, less than in a straight globe.':
    'El disco y su asiento, menos que en un globo recto.',
  'A groove across the seat leaks by.': 'Un surco en el asiento deja pasar.',
  'It hisses when closed.': 'Silba cuando está cerrada.',
  'The disc and its seat, from throttling.': 'El disco y su asiento, por regular el flujo.',
  'It drips when closed; the stem drips.': 'Gotea cuando está cerrada; el vástago gotea.',
  'The rubber washer, from treated water and from hard closing.':
    'El empaque de hule, por el agua tratada y por cerrarla fuerte.',
  'The washer hardens, crumbles or comes off its screw.':
    'El empaque se endurece, se desmorona o se suelta de su tornillo.',
  'It drips when closed, needs more and more force, or does not shut off.':
    'Gotea cuando está cerrada, pide cada vez más fuerza, o no cierra.',
  'The small seats, very little.': 'Los asientos chicos, muy poco.',
  'Scale stops the small ball.': 'El sarro detiene la bola chica.',
  'The handle is stiff.': 'El maneral está duro.',
  'The cone and its seat, from being closed too hard.':
    'El cono y su asiento, por cerrarla demasiado fuerte.',
  'A groove pressed into the cone makes control coarse, then it leaks.':
    'Una marca en el cono hace grueso el control, después deja pasar.',
  'The setting no longer repeats.': 'El ajuste ya no se repite.',
  'The disc, from heat; the packing.': 'El disco, por calor; el empaque.',
  'The disc hardens and sticks or crumbles; steam passes.':
    'El disco se endurece y se pega o se desmorona; pasa vapor.',
  'The radiator stays warm when closed, or stays cold; the stem weeps.':
    'El radiador sigue caliente cuando está cerrada, o sigue frío; el vástago rezuma.',
  'The packing; the cone very little.': 'El empaque; el cono muy poco.',
  'Dirt on the seat keeps it from closing.': 'La suciedad en el asiento no la deja cerrar.',
  'The radiator stays warm when closed.': 'El radiador sigue caliente cuando está cerrada.',
  'The rubber seat at the shaft, with every closing.': 'El asiento de hule en el eje, con cada cierre.',
  'The rubber tears or swells and holds the disc.': 'El hule se rompe o se hincha y sujeta el disco.',
  'It weeps when closed; the lever needs more force.':
    'Rezuma cuando está cerrada; la palanca pide más fuerza.',
  'The shaft’s bushes.': 'Los bujes del eje.',
  'It always leaks by; worn, the disc rattles.': 'Siempre deja pasar; gastada, el disco traquetea.',
  'You can hear it.': 'Se oye.',
  'The shaft seals.': 'Los sellos del eje.',
  'A seal weeps.': 'Un sello rezuma.',
  'A leak test or the smell of gas.': 'Una prueba de fugas o el olor a gas.',
  'The grease between plug and body.': 'La grasa entre macho y cuerpo.',
  'Dry, it leaks or seizes; a nut that is too tight locks it.':
    'Seca, deja pasar o se traba; una tuerca demasiado apretada la bloquea.',
  'It does not turn, or a leak test shows it.': 'No gira, o una prueba de fugas lo muestra.',
  'The sealant, which must be injected again.': 'El sellador, que se debe inyectar de nuevo.',
  'Without it the plug seizes or leaks by.': 'Sin él el macho se traba o deja pasar.',
  'The sealant gun never builds pressure; the valve is stiff.':
    'La pistola de sellador nunca levanta presión; la válvula está dura.',
  'The rubber of the plug and the upper bearing, from grit.':
    'El hule del macho y el cojinete de arriba, por arena.',
  'Grit in the bearing stops it short; torn rubber weeps.':
    'La arena en el cojinete la detiene antes; el hule roto rezuma.',
  'The indicator stops short of closed; it weeps.': 'El indicador se detiene antes de cerrado; rezuma.',
  'The faces of the plug, from grit.': 'Las caras del macho, por arena.',
  'The closed branch flows.': 'El ramal cerrado fluye.',
  'The diaphragm, with every closing and from heat.': 'El diafragma, con cada cierre y por calor.',
  'It cracks over the weir; behind it the bonnet fills.':
    'Se agrieta sobre el vertedero; detrás de él se llena el bonete.',
  'It weeps at the bonnet or the spindle.': 'Rezuma en el bonete o el vástago.',
  'The pilot seat, from grit; the coil, from heat.':
    'El asiento del piloto, por arena; la bobina, por calor.',
  'Grit holds it open, or the coil burns and it never opens.':
    'La arena la deja abierta, o la bobina se quema y nunca abre.',
  'It hums, or nothing happens.': 'Zumba, o no pasa nada.',
  'Seat and diaphragm, from grit.': 'Asiento y diafragma, por arena.',
  'The outlet pressure creeps up at rest.': 'La presión de salida sube sola en reposo.',
  'A gauge downstream climbs at night; fixtures bang and drip.':
    'Un manómetro aguas abajo sube de noche; los muebles golpean y gotean.',
  'The seat, from scale and with every lift.': 'El asiento, por sarro y con cada disparo.',
  'Scale holds it closed, or it keeps dripping.': 'El sarro la deja cerrada, o sigue goteando.',
  'It drips. Stuck closed, nothing shows until it must open: test its lever.':
    'Gotea. Pegada cerrada, nada se nota hasta que debe abrir: pruebe su palanca.',
  'Hinge pin and seat, from slamming and chatter.': 'Perno de bisagra y asiento, por golpes y traqueteo.',
  'The disc hangs or comes off its hinge.': 'El disco cuelga o se suelta de su bisagra.',
  'It bangs; off its hinge, the line is blocked or flows back.':
    'Golpea; suelto de su bisagra, la línea se tapa o regresa.',
  'The spring, the hinge and the seat.': 'El resorte, la bisagra y el asiento.',
  'The spring breaks and it slams like a plain swing check.':
    'El resorte se rompe y golpea como un check de columpio sencillo.',
  'It begins to bang.': 'Empieza a golpear.',
  'Hinge and shaft packing, which can be seen.': 'Bisagra y empaque del eje, que se ven.',
  'The packing drips or binds and the arm stays up.':
    'El empaque gotea o se atora y el brazo se queda arriba.',
  'The arm outside shows it.': 'El brazo de afuera lo muestra.',
  'Spring, guide and seat.': 'Resorte, guía y asiento.',
  'The spring breaks or grit wedges the poppet.': 'El resorte se rompe o la arena atora el obturador.',
  'It chatters, or leaks back without a sound.': 'Traquetea, o deja regresar sin ruido.',
  'The guide and the seat.': 'La guía y el asiento.',
  'Scale holds the disc up.': 'El sarro sostiene el disco arriba.',
  'It leaks back without a sound.': 'Deja regresar sin ruido.',
  'The rubber of the ball: out of round from resting in one place.':
    'El hule de la bola: deforme por descansar en un solo lugar.',
  'The egg-shaped ball sticks off its seat and stays open.':
    'La bola en forma de huevo se atora fuera de su asiento y queda abierta.',
  'No alarm: the well refills at every stop and the pump starts far too often.':
    'Sin alarma: el cárcamo se vuelve a llenar en cada paro y la bomba arranca demasiado seguido.',
  'Hinge and springs in the middle of the stream.': 'Bisagra y resortes en medio del flujo.',
  'A spring breaks and one plate stays open.': 'Un resorte se rompe y una placa queda abierta.',
  'It leaks back; the pump turns backward.': 'Deja regresar; la bomba gira al revés.',
  'The pivots and the seat.': 'Los pivotes y el asiento.',
  'Worn pivots let the disc miss its seat.': 'Pivotes gastados dejan que el disco no llegue a su asiento.',
  ball: 'bola',
  'A bored ball between two soft seats': 'Una bola perforada entre dos asientos blandos',
  'three-way ball': 'bola de tres vías',
  'A ball with an L or T bore': 'Una bola con paso en L o T',
  'gate, metal wedge': 'compuerta, cuña de metal',
  'A metal wedge lowered into a slot across two narrow seats':
    'Una cuña de metal que baja a una ranura entre dos asientos angostos',
  'gate, resilient wedge': 'compuerta, cuña resiliente',
  'An iron wedge wrapped in rubber in a smooth bore': 'Una cuña de hierro forrada de hule en un paso liso',
  'knife gate': 'compuerta de cuchilla',
  'A thin plate that cuts through solids': 'Una placa delgada que corta los sólidos',
  globe: 'globo',
  'A disc pressed down on a seat across an S-shaped path':
    'Un disco que presiona un asiento a través de un camino en S',
  'globe, inclined': 'globo, inclinada',
  'A disc on an inclined seat': 'Un disco sobre un asiento inclinado',
  angle: 'angular',
  'A disc on a seat at a right-angle turn': 'Un disco sobre un asiento en una vuelta a escuadra',
  'compression stop': 'llave de compresión',
  'A rubber washer screwed onto a brass seat': 'Un empaque de hule atornillado sobre un asiento de latón',
  'compression stop, angle': 'llave de compresión, angular',
  'A rubber washer screwed onto a brass seat at a turn':
    'Un empaque de hule atornillado sobre un asiento de latón en una vuelta',
  'quarter-turn stop': 'llave de cuarto de vuelta',
  'A small ball between nylon or PTFE seats': 'Una bola chica entre asientos de nylon o PTFE',
  needle: 'aguja',
  'A fine-thread metal cone': 'Un cono de metal de rosca fina',
  'radiator valve, disc': 'válvula de radiador, disco',
  'A rubber or composition disc over a wide opening':
    'Un disco de hule o composición sobre una abertura amplia',
  'radiator valve, metering': 'válvula de radiador, dosificadora',
  'A cone on a metal seat with an adjustable internal stop':
    'Un cono sobre asiento de metal con tope interno ajustable',
  'butterfly, rubber seat': 'mariposa, asiento de hule',
  'A disc on a shaft that stays in the stream, on a rubber seat':
    'Un disco en un eje que queda en el flujo, sobre un asiento de hule',
  'butterfly, metal seat': 'mariposa, asiento de metal',
  'A disc on a shaft, on a metal or bare seat': 'Un disco en un eje, sobre asiento de metal o desnudo',
  'butterfly gas cock': 'llave de gas de mariposa',
  'A disc in a heavy body with few leak paths': 'Un disco en un cuerpo robusto con pocas vías de fuga',
  'taper plug, ground key': 'macho cónico, engrasado',
  'A greased taper plug drawn down by a nut': 'Un macho cónico engrasado que aprieta una tuerca',
  'lubricated plug': 'macho lubricado',
  'A taper plug with injected sealant': 'Un macho cónico con sellador inyectado',
  'eccentric plug': 'macho excéntrico',
  'A rubber-covered half-plug that swings clear of its seat':
    'Medio macho forrado de hule que gira separado de su asiento',
  'three-way plug': 'macho de tres vías',
  'A diverting plug': 'Un macho que desvía',
  diaphragm: 'diafragma',
  'A rubber diaphragm pressed on a weir': 'Un diafragma de hule que presiona un vertedero',
  solenoid: 'solenoide',
  'A coil lifts a spring-loaded disc': 'Una bobina levanta un disco con resorte',
  'pressure reducer': 'reductora de presión',
  'A spring and a diaphragm hold the outlet pressure':
    'Un resorte y un diafragma mantienen la presión de salida',
  relief: 'alivio',
  'A spring holds a disc until the set pressure': 'Un resorte sujeta un disco hasta la presión de ajuste',
  'swing check': 'check de columpio',
  'A hinged disc that falls by its weight': 'Un disco con bisagra que cae por su peso',
  'swing check with spring': 'check de columpio con resorte',
  'A hinged disc closed by a spring': 'Un disco con bisagra que cierra un resorte',
  'swing check, lever and weight': 'check de columpio, palanca y peso',
  'A hinged disc with an adjustable weight outside': 'Un disco con bisagra y un peso ajustable afuera',
  'inline spring check': 'check de resorte en línea',
  'A spring-loaded poppet on the axis': 'Un obturador con resorte sobre el eje',
  'lift check, horizontal': 'check de elevación, horizontal',
  'A disc guided in a globe body': 'Un disco guiado en un cuerpo de globo',
  'lift check, vertical': 'check de elevación, vertical',
  'A disc guided straight up': 'Un disco guiado directo hacia arriba',
  'ball check': 'check de bola',
  'A loose ball that rolls aside into a channel': 'Una bola suelta que rueda a un canal',
  'dual-plate check': 'check de doble placa',
  'Two half-discs on a hinge with springs': 'Dos medios discos en una bisagra con resortes',
  'tilting-disc check': 'check de disco basculante',
  'A disc pivoted near its center': 'Un disco con pivote cerca de su centro',
  'one-piece': 'de una pieza',
  'two-piece': 'de dos piezas',
  'three-piece': 'de tres piezas',
  '{{what}} seats': 'asientos de {{what}}',
  '{{what}} disc': 'disco de {{what}}',
  full: 'completo',
  reduced: 'reducido',
  standard: 'estándar',
  venturi: 'venturi',
  '“{{part}}”: write temperature and pressure, like 70 °F: 600 psi.':
    '“{{part}}”: escriba temperatura y presión, como 70 °F: 600 psi.',
};
