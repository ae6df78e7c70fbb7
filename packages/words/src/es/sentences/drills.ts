import type { Sentences } from '../../language-table.js';

/** What is said of drills. */
export const drills: Sentences = {
  'No question came of this seed: give another one.': 'De esta semilla no salió ninguna pregunta: dé otra.',
  'Good people differ here, and both pass. Other practice: {{school}}':
    'Aquí la gente buena difiere, y ambas pasan. Otra práctica: {{school}}',
  '{{field}} is not said. {{missing}}': 'No se dice: {{field}}. {{missing}}',
  '“Standard” says nothing: every counter has another.':
    '“Standard” no dice nada: cada mostrador tiene otro.',
  '{{field}} is said.': 'Sí se dice: {{field}}.',
  'A flat piece is screwed down across the flow, in several turns.':
    'Una pieza plana se atornilla hacia abajo a través del flujo, en varias vueltas.',
  'It presses on a seat in a wall between inlet and outlet.':
    'Presiona un asiento en una pared entre entrada y salida.',
  'A round cover hangs from a pin at the top and swings up with the flow.':
    'Una tapa redonda cuelga de un perno arriba y se abre con el flujo.',
  'It falls on a seat across the bore.': 'Cae sobre un asiento a través del paso.',
  'A sphere with a hole through it turns a quarter.': 'Una esfera con un agujero gira un cuarto.',
  'Two soft seats touch it, before and behind.': 'Dos asientos blandos la tocan, antes y después.',
  'A sphere with a bent hole turns between three pipes.':
    'Una esfera con un agujero doblado gira entre tres tubos.',
  'Soft seats touch it at the pipes.': 'Asientos blandos la tocan en los tubos.',
  'A bare wedge is lowered across the bore in many turns, into a slot.':
    'Una cuña desnuda baja a través del paso en muchas vueltas, a una ranura.',
  'Two narrow faces of brass or iron meet it.': 'Dos caras angostas de latón o hierro la reciben.',
  'A wrapped wedge is lowered across the bore in many turns; the floor of the bore is smooth.':
    'Una cuña forrada baja a través del paso en muchas vueltas; el piso del paso es liso.',
  'Its own wrapping is pressed against the body.': 'Su propio forro presiona contra el cuerpo.',
  'A thin plate is pushed across the bore in many turns and comes out at the top when it opens.':
    'Una placa delgada se empuja a través del paso en muchas vueltas y sale por arriba al abrir.',
  'Its edge meets a seat on one side; packing closes around it at the top.':
    'Su filo llega a un asiento de un lado; un empaque la rodea arriba.',
  'A flat piece is screwed down at a slant, in several turns.':
    'Una pieza plana se atornilla inclinada, en varias vueltas.',
  'It presses on a slanted seat, nearly in line with the flow.':
    'Presiona un asiento inclinado, casi en línea con el flujo.',
  'It presses on a seat where the flow makes a right turn.':
    'Presiona un asiento donde el flujo da vuelta a escuadra.',
  'A small piece with a rubber washer is screwed down in several turns.':
    'Una pieza chica con empaque de hule se atornilla en varias vueltas.',
  'The washer is squeezed on a brass seat in a wall between inlet and outlet.':
    'El empaque se aprieta sobre un asiento de latón en una pared entre entrada y salida.',
  'The washer is squeezed on a brass seat where the flow makes a right turn.':
    'El empaque se aprieta sobre un asiento de latón donde el flujo da vuelta a escuadra.',
  'A very small sphere with a hole turns a quarter, in a small body with a narrow outlet.':
    'Una esfera muy chica con un agujero gira un cuarto, en un cuerpo chico con salida angosta.',
  'Two soft seats touch it.': 'Dos asientos blandos la tocan.',
  'A slim cone on a fine thread is drawn out of a small hole in many turns.':
    'Un cono delgado de rosca fina sale de un agujero chico en muchas vueltas.',
  'The cone meets the edge of the hole.': 'El cono toca el borde del agujero.',
  'A soft piece is screwed down over a wide opening at a right turn.':
    'Una pieza blanda se atornilla sobre una abertura amplia en una vuelta a escuadra.',
  'It is pressed on the edge of the opening.': 'Presiona el borde de la abertura.',
  'A cone with a stop inside is drawn out of its hole.': 'Un cono con un tope adentro sale de su agujero.',
  'A round plate on a shaft across the bore turns a quarter and stays in the stream.':
    'Una placa redonda en un eje a través del paso gira un cuarto y queda en el flujo.',
  'Its rim meets a soft lining all around.': 'Su orilla toca un forro blando todo alrededor.',
  'Its rim comes close to the bare body all around.':
    'Su orilla queda cerca del cuerpo desnudo todo alrededor.',
  'A small round plate in a heavy body turns a quarter and stays in the stream.':
    'Una placa redonda chica en un cuerpo robusto gira un cuarto y queda en el flujo.',
  'Its rim meets the bore; the body has few places that could leak.':
    'Su orilla toca el paso; el cuerpo tiene pocos lugares por donde fugar.',
  'A tapered key with a slot turns a quarter; a nut underneath draws it down.':
    'Una llave cónica con ranura gira un cuarto; una tuerca abajo la aprieta.',
  'The greased key fits its tapered hole.': 'La llave engrasada entra justa en su agujero cónico.',
  'A tapered key with a slot turns a quarter; a fitting on top takes sealant.':
    'Una llave cónica con ranura gira un cuarto; una conexión arriba recibe sellador.',
  'Injected sealant fills the gap around the key.':
    'El sellador inyectado llena el hueco alrededor de la llave.',
  'A half round piece off the middle swings a quarter, clear of its seat.':
    'Media pieza redonda fuera del centro gira un cuarto, separada de su asiento.',
  'Its covered face is pressed on a seat on one side.': 'Su cara forrada presiona un asiento de un lado.',
  'A large key turns between three pipes.': 'Una llave grande gira entre tres tubos.',
  'The key closes one branch or the other.': 'La llave cierra un ramal u otro.',
  'A flexible sheet is pressed down in several turns.':
    'Una hoja flexible se presiona hacia abajo en varias vueltas.',
  'The sheet meets a ridge in the floor of the body; it also keeps the stem dry.':
    'La hoja llega a un borde en el piso del cuerpo; también mantiene seco el vástago.',
  'A coil draws up a small piece against a spring; no hand moves it.':
    'Una bobina sube una pieza chica contra un resorte; ninguna mano la mueve.',
  'The spring presses the piece on its seat without power.':
    'El resorte presiona la pieza sobre su asiento sin corriente.',
  'A spring and a flexible sheet move a small piece as the pressure behind it falls.':
    'Un resorte y una hoja flexible mueven una pieza chica cuando baja la presión detrás de ella.',
  'It closes as the pressure behind it rises.': 'Cierra cuando sube la presión detrás de ella.',
  'A spring holds a piece down until the pressure under it lifts it; the outlet is open to the air.':
    'Un resorte sujeta una pieza hasta que la presión abajo la levanta; la salida da al aire.',
  'The spring presses the piece on its seat.': 'El resorte presiona la pieza sobre su asiento.',
  '{{on_its_rim}} Nothing but its own weight closes it.': '{{on_its_rim}} Solo su propio peso la cierra.',
  'A coil at the pin closes it on a seat across the bore.':
    'Un resorte en el perno la cierra sobre un asiento a través del paso.',
  '{{swung}} Outside, an arm carries a load.': '{{swung}} Afuera, un brazo lleva una carga.',
  'The load outside closes it on a seat across the bore.':
    'La carga de afuera la cierra sobre un asiento a través del paso.',
  'A small piece on the axis is pushed back by the flow against a coil.':
    'Una pieza chica sobre el eje es empujada por el flujo contra un resorte.',
  'The coil presses it on a seat across the bore.':
    'El resorte la presiona sobre un asiento a través del paso.',
  'A guided piece is raised by the flow, without a stem.': 'El flujo levanta una pieza guiada, sin vástago.',
  'It falls back on a seat in a wall between inlet and outlet.':
    'Cae de regreso sobre un asiento en una pared entre entrada y salida.',
  'A guided piece is raised straight up by a flow that goes up.':
    'Un flujo que sube levanta una pieza guiada directo hacia arriba.',
  'It falls back on a seat across the bore.': 'Cae de regreso sobre un asiento a través del paso.',
  'A loose sphere is rolled aside into a pocket by the flow.': 'El flujo rueda una esfera suelta a un hueco.',
  'It rolls back on a round seat.': 'Rueda de regreso a un asiento redondo.',
  'Two half plates fold on a pin across the middle, pushed by the flow.':
    'Dos medias placas se doblan sobre un perno al centro, empujadas por el flujo.',
  'Coils close both halves on a seat.': 'Resortes cierran ambas mitades sobre un asiento.',
  'A round plate tips on a pin near its middle.':
    'Una placa redonda bascula sobre un perno cerca de su centro.',
  'Its rim meets a slanted seat.': 'Su orilla llega a un asiento inclinado.',
  'It holds': 'Aguanta',
  'It leaks': 'Tiene fuga',
  'Not proved': 'Sin comprobar',
  'The test pressure was never reached.': 'Nunca se llegó a la presión de prueba.',
  'It was not watched long enough.': 'No se vigiló el tiempo suficiente.',
  'There are too few readings.': 'Hay muy pocas lecturas.',
  'Nobody read the temperature: warmth alone could explain what the gauge shows.':
    'Nadie leyó la temperatura: el calor solo podría explicar lo que muestra el manómetro.',
  'It rises more than the day’s warmth explains: something feeds it.':
    'Sube más de lo que explica el calor del día: algo la alimenta.',
  'The gauge moved by {{seen}} Pa between the beginning and the end; the day’s warmth accounts for {{warmth}} Pa.':
    'El manómetro se movió {{seen}} Pa entre el inicio y el fin; el calor del día explica {{warmth}} Pa.',
  'What is left, {{dropPa}} Pa over the hold, is {{what}} the {{allowancePa}} Pa allowed.':
    'Lo que queda, {{dropPa}} Pa en la prueba, es {{what}} los {{allowancePa}} Pa permitidos.',
  'more than': 'más que',
  Kitchen: 'Cocina',
  Washroom: 'Sanitario',
  'Staff room': 'Cuarto de personal',
  Laundry: 'Lavandería',
  Bath: 'Baño',
  Bakery: 'Panadería',
  Garden: 'Jardín',
  'Boiler room': 'Cuarto de calderas',
  Workshop: 'Taller',
  Office: 'Oficina',
  Street: 'Calle',
  'Second main': 'Segunda línea',
  '{{type}}: this is what is drawn.': '{{type}}: esto es lo que está dibujado.',
  '{{chosen}}: that would be drawn otherwise.': '{{chosen}}: eso se dibujaría de otra manera.',
  'This is the order of the purge card.': 'Este es el orden de la tarjeta de purga.',
  'After “{{text}}” comes “{{text2}}”': 'Después de “{{text}}” viene “{{text2}}”',
  'It begins with “{{text}}”': 'Empieza con “{{text}}”',
  'The riser valve never throttles grit, and nothing is opened before the vent is watched.':
    'La válvula de la montante nunca regula arena, y nada se abre antes de vigilar el venteo.',
  '{{name}} is missing: {{is}}.': 'Falta {{name}}: {{is}}.',
  '{{name}}: you said {{said}}, it is {{is}}.': '{{name}}: usted dijo {{said}}, es {{is}}.',
  'Closed in {{tookS}}: the pressure rose to {{peakPa}} % of the limit.':
    'Cerrada en {{tookS}}: la presión subió a {{peakPa}} % del límite.',
  'Closed evenly it takes at least {{leastS}}; the last part of the travel makes the hammer of {{law}}, so take your time there.':
    'Cerrada parejo tarda al menos {{leastS}}; la última parte del recorrido hace el golpe de {{law}}, así que tómese ahí su tiempo.',
  'The clock gave {{withinS}}.': 'El reloj daba {{withinS}}.',
  'a ball valve': 'una válvula de bola',
  'a gate': 'una compuerta',
  'a globe': 'un globo',
  'a butterfly': 'una mariposa',
  'Work it by hand': 'Operarla a mano',
  'Leave it, and close upstream': 'Dejarla, y cerrar aguas arriba',
  'Replace it now': 'Reemplazarla ahora',
  'Nothing was found against it: work it by hand, without a wrench.':
    'No se encontró nada en contra: opérela a mano, sin llave de tuercas.',
  'body material': 'material del cuerpo',
  'number of body pieces': 'número de piezas del cuerpo',
  'seat material': 'material del asiento',
  'disc material': 'material del disco',
  'pressure rating': 'presión nominal',
  'flange facing': 'cara de brida',
  'trim number': 'número de trim',
  'opening direction': 'sentido de apertura',
  'The check holds': 'El check cierra',
  'The check leaks by': 'El check deja pasar',
  'The check is stuck open': 'El check está atorado abierto',
  'After each stop the well rises no faster than its inflow: nothing runs back.':
    'Después de cada paro el cárcamo sube no más rápido que su entrada: nada regresa.',
  '{{verdict}} since hour {{sinceH}}: about {{extraStartsPerDay}} more starts a day.':
    '{{verdict}} desde la hora {{sinceH}}: cerca de {{extraStartsPerDay}} arranques más por día.',
  ' since hour {{sinceH}}': ' desde la hora {{sinceH}}',
  'it is seized open': 'está trabada abierta',
  'it leaks by': 'deja pasar',
  'it is not to be touched': 'no se debe tocar',
  'Water still reaches the burst: close {{join}}.': 'Todavía llega agua a la rotura: cierre {{join}}.',
  '{{id}} cannot be relied on: {{reason}}.': 'No se puede confiar en {{id}}: {{reason}}.',
  '{{join}} would be out of service without need.': 'Quedaría sin servicio sin necesidad: {{join}}.',
  '{{valveId}} lies nearer, but it does not hold.': '{{valveId}} está más cerca, pero no cierra bien.',
  'Closing {{join}} too keeps water from running back to the burst.':
    'Cerrar también {{join}} impide que el agua regrese a la rotura.',
  '{{join}} without water until it is mended.': 'Sin agua hasta que se repare: {{join}}.',
  Nobody: 'Nadie',
};
