import type { Sentences } from '../../language-table.js';

/** What is said of the start-up. */
export const startUp: Sentences = {
  'building water': 'agua de edificio',
  '1.5 × working pressure for 15 minutes, by water': '1.5 × presión de trabajo por 15 minutos, con agua',
  'No drop once corrected for temperature.': 'Sin caída una vez corregida por temperatura.',
  'fuel gas': 'gas combustible',
  '1.5 × working pressure, not under 3 psi, by air or nitrogen, never oxygen; 10 minutes, and half an hour for each 500 cubic feet of a larger line':
    '1.5 × presión de trabajo, no menos de 3 psi, con aire o nitrógeno, nunca oxígeno; 10 minutos, y media hora por cada 500 pies cúbicos de una línea mayor',
  'No drop. The gauge reads at most five times the test pressure. Appliances and regulators not made for the pressure are removed or isolated first.':
    'Sin caída. El manómetro lee como máximo cinco veces la presión de prueba. Aparatos y reguladores no hechos para la presión se quitan o se aíslan primero.',
  sprinkler: 'rociadores',
  '200 psi, or 50 psi over the static pressure where that is more than 150 psi, for two hours':
    '200 psi, o 50 psi sobre la presión estática donde esta pasa de 150 psi, por dos horas',
  'No loss.': 'Sin pérdida.',
  'buried main': 'línea principal enterrada',
  '1.5 × working pressure at the low end, at least 1.25 × at the high, for two hours':
    '1.5 × presión de trabajo en el punto bajo, al menos 1.25 × en el alto, por dos horas',
  'The water made up is measured.': 'Se mide el agua repuesta.',
  '5 psi of air, cold, for 30 minutes; then hot':
    '5 psi de aire, en frío, por 30 minutos; después en caliente',
  'No weep when hot.': 'Sin rezumar en caliente.',
  'wash line': 'línea de lavado',
  '1.1 × the machine’s pressure for 10 minutes, by water':
    '1.1 × la presión de la máquina por 10 minutos, con agua',
  'No drop, no sweat at swivels.': 'Sin caída, sin sudar en los giratorios.',
  'lift-station main': 'línea de impulsión',
  '1.5 × the pump’s shut-off head for one hour, by water':
    '1.5 × la carga de la bomba a flujo cero por una hora, con agua',
  '“{{cell}}” under “{{at}}” is not a figure.': '“{{cell}}” bajo “{{at}}” no es un valor.',
  'It has the time of the row before it.': 'Tiene la hora de la fila anterior.',
  'Its time is before that of the row before it: the clock jumped, or rows are out of order.':
    'Su hora es anterior a la de la fila anterior: el reloj saltó, o las filas están en desorden.',
  'There is no column for {{join}}. Headings are like “time (s)”, “pressure bar”, “temperature °C”.':
    'No hay columna para {{join}}. Los encabezados son como “time (s)”, “pressure bar”, “temperature °C”.',
  'the time': 'el tiempo',
  'the pressure': 'la presión',
  'The unit of “{{at}}” is not known: write it in the heading, like “pressure (psi)”.':
    'No se conoce la unidad de “{{at}}”: escríbala en el encabezado, como “pressure (psi)”.',
  'Nothing was read for {{step}} s before it.': 'No se leyó nada durante {{step}} s antes.',
  'The whole line': 'Toda la línea',
  Outlet: 'Salida',
  Flow: 'Flujo',
  For: 'Durante',
  Water: 'Agua',
  'Keep the stop of the {{words}} closed while the line is flushed. Flush this branch last, through a hose at the stop.':
    'Deje cerrada la llave de {{words}} mientras se lava la línea. Lave este ramal al último, por una manguera en la llave.',
  'the opening on the bench': 'la apertura del banco',
  'the time on the bench': 'el tiempo del banco',
  'Leak test at working pressure: soap at keys, stems and joints. The appliance lights and stays lit.':
    'Prueba de fugas a presión de trabajo: jabón en llaves, vástagos y uniones. El aparato enciende y sigue encendido.',
  'Screw the sacrificial valve': 'Atornille la válvula de sacrificio',
  'Where the riser valve has an insulated joint: screw the insulated joint of the kit on its outlet first, so that the kit does not bridge it.':
    'Donde la válvula de la montante tiene unión aislante: atornille primero a su salida la unión aislante del juego, para que el juego no la puentee.',
  'Stop, turns from closed': 'Tope, vueltas desde cerrada',
  'For the radiator a valve of this size usually feeds. Where yours was measured, take the turns from the bench.':
    'Para el radiador que suele alimentar una válvula de este tamaño. Donde se midió el suyo, tome las vueltas del banco.',
  'ordered {{ordered}}, found {{found}}': 'pedido {{ordered}}, encontrado {{found}}',
  'It is not what was ordered: {{join}}. Send it back, or enter who accepts it.':
    'No es lo que se pidió: {{join}}. Devuélvala, o anote quién la acepta.',
  'Length, bore, pressure and time must be above 0.':
    'Longitud, paso, presión y tiempo deben ser mayores que 0.',
  '{{toFixed}} times the water that the joints may take: find the leak, or the air in the main.':
    '{{toFixed}} veces el agua que pueden tomar las juntas: busque la fuga, o el aire en la línea.',
  'The flow is more than 10 % off: set it again.': 'El flujo difiere más de 10 %: ajústelo otra vez.',
  'At rest it is more than 10 % off its setting: set it again.':
    'En reposo difiere más de 10 % de su ajuste: ajústela otra vez.',
  'It creeps: grit or a nick in the seat. The building sees the full pressure by morning.':
    'Sube sola: arena o una muesca en el asiento. En la mañana el edificio recibe toda la presión.',
  'It leaks by when closed: clean or replace it before the line goes in service.':
    'Deja pasar cerrada: límpiela o reemplácela antes de poner la línea en servicio.',
  'Count the turns to close.': 'Cuente las vueltas para cerrar.',
  '{{turns}} turns, and such a valve usually has {{usual}}: it does not open fully, or something stops it.':
    '{{turns}} vueltas, y una válvula así suele tener {{usual}}: no abre del todo, o algo la detiene.',
  '{{turns}} turns, and such a valve usually has {{usual}}: check its size, and whether the stem still holds the wedge.':
    '{{turns}} vueltas, y una válvula así suele tener {{usual}}: revise su tamaño, y si el vástago todavía sujeta la cuña.',
  Inspect: 'Inspeccionar',
  'Read the casting or tag of each valve and compare it with the order. Check arrow, hinge pin and room for the handle.':
    'Lea el cuerpo o la etiqueta de cada válvula y compárelo con el pedido. Revise flecha, perno de bisagra y espacio para el maneral.',
  'Order lines, flashlight, wire brush': 'Renglones de pedido, linterna, cepillo de alambre',
  'Nothing differs, or the difference is accepted.': 'Nada difiere, o la diferencia está aceptada.',
  'On casting or tag': 'En el cuerpo o la etiqueta',
  'Arrow, hinge pin and handle as they must be': 'Flecha, perno de bisagra y maneral como deben',
  'Difference accepted by (name)': 'Diferencia aceptada por (nombre)',
  'Nothing was picked here: record what is there.': 'Aquí no se eligió nada: anote lo que hay.',
  Hold: 'Prueba de presión',
  'Plug the ends, open the valves of the line, bring it up to the test pressure and log gauge and pipe temperature.':
    'Tapone los extremos, abra las válvulas de la línea, súbala a la presión de prueba y registre manómetro y temperatura del tubo.',
  'Gauge that reads at most five times the test pressure, thermometer on the pipe, pump or compressor, plugs':
    'Manómetro que lea como máximo cinco veces la presión de prueba, termómetro en el tubo, bomba o compresor, tapones',
  'The reading ends with “holds”. Not proved does not pass.':
    'La lectura termina con “aguanta”. Sin comprobar no pasa.',
  'Never test plastic pipe with air: it stores energy and shatters. Plastic stretches: pump up again for 30 minutes before the time counts.':
    'Nunca pruebe tubo de plástico con aire: almacena energía y estalla. El plástico se estira: bombee otra vez durante 30 minutos antes de que cuente el tiempo.',
  'Stand clear of plugs and caps under pressure. Compressed air stores energy: raise it in steps.':
    'Apártese de tapones y tapas bajo presión. El aire comprimido almacena energía: súbalo por pasos.',
  'Pump the main up to the test pressure again and again, and measure the water that goes in.':
    'Bombee la línea una y otra vez a la presión de prueba, y mida el agua que entra.',
  'Test pump with a measured tank, gauge, watch': 'Bomba de prueba con tanque medido, manómetro, reloj',
  'The water made up is within what the joints may take.':
    'El agua repuesta está dentro de lo que pueden tomar las juntas.',
  'Length under test': 'Longitud en prueba',
  Bore: 'Diámetro de paso',
  'Mean pressure': 'Presión media',
  'Time held': 'Tiempo de prueba',
  'Water made up, liters': 'Agua repuesta, litros',
  Flush: 'Lavar',
  'From the source outwards, one outlet at a time. Toilet and heater stops closed, aerators off, reducers and strainers removed or by-passed.':
    'Desde el origen hacia afuera, una salida a la vez. Llaves de inodoro y calentador cerradas, aireadores fuera, reductoras y filtros quitados o con desvío.',
  'Hose, bucket, clear glass, wrench for aerators':
    'Manguera, cubeta, vaso transparente, llave para aireadores',
  'The water runs clear in a glass, and the strainers were checked. Flush before soft seats are operated: grit cuts them.':
    'El agua sale clara en un vaso, y se revisaron los filtros. Lave antes de operar asientos blandos: la arena los corta.',
  'Runs clear in a glass': 'Sale clara en un vaso',
  'Strainers checked': 'Filtros revisados',
  Disinfect: 'Desinfectar',
  'Dose, wait and sample as the authority asks.': 'Dosifique, espere y muestree como pide la autoridad.',
  'What the authority asks: chemical, pump, sample bottles':
    'Lo que pide la autoridad: químico, bomba, frascos de muestra',
  'The sample’s result is in.': 'Ya está el resultado de la muestra.',
  'Nobody drinks from the line until the result is in. Concentrated chlorine burns: gloves and goggles.':
    'Nadie bebe de la línea hasta que esté el resultado. El cloro concentrado quema: guantes y lentes.',
  'Done by': 'Hecho por',
  'Dose and hours': 'Dosis y horas',
  'Result of the sample': 'Resultado de la muestra',
  'The authority accepts the result': 'La autoridad acepta el resultado',
  Purge: 'Purgar',
  'Follow the purge card line by line.': 'Siga la tarjeta de purga renglón por renglón.',
  'The purge kit of the card on the bench, combustible-gas indicator':
    'El juego de purga de la tarjeta del banco, indicador de gas combustible',
  'Every line is ticked, the appliance lights and stays lit, and the leak test at working pressure is done.':
    'Cada renglón está marcado, el aparato enciende y sigue encendido, y la prueba de fugas a presión de trabajo está hecha.',
  'Qualified people only, to the utility’s specification. No ignition source; never purge into a closed room.':
    'Solo gente calificada, según la especificación de la compañía. Sin fuentes de ignición; nunca purgue a un cuarto cerrado.',
  Done: 'Hecho',
  Reducer: 'Reductora',
  'Read its tag. Shut off the water heater. Set it with no flow, open one tap, close it and watch for ten minutes.':
    'Lea su etiqueta. Cierre el calentador de agua. Ajústela sin flujo, abra una llave, ciérrela y vigile diez minutos.',
  'Two gauges, wrench for the set screw': 'Dos manómetros, llave para el tornillo de ajuste',
  'It rests within 10 % of the setting and does not creep.':
    'Reposa dentro de 10 % del ajuste y no sube sola.',
  'Set to': 'Ajustada a',
  'At rest': 'En reposo',
  'Ten minutes later': 'Diez minutos después',
  'With one tap open': 'Con una llave abierta',
  'Outlet asked': 'Salida pedida',
  Radiators: 'Radiadores',
  'Nearest to the boiler first: set the internal stop, packing snug, union of one make on both halves.':
    'Primero el más cercano a la caldera: ponga el tope interno, empaque ajustado, unión del mismo fabricante en ambas mitades.',
  'Stop setting of each valve from the bench, screwdriver, packing':
    'Tope de cada válvula según el banco, desarmador, empaque',
  'The far end just gets warm, and no steam reaches the dry return.':
    'La punta apenas se calienta, y no llega vapor al retorno seco.',
  'Steam burns. Drain and vent before you open anything.':
    'El vapor quema. Drene y ventee antes de abrir cualquier cosa.',
  'Internal stop, turns': 'Tope interno, vueltas',
  'Far end just warm': 'La punta apenas tibia',
  'No steam in the dry return': 'Sin vapor en el retorno seco',
  Checks: 'Checks',
  'Check the arrow. Stand beside it when the pump first stops, and listen.':
    'Revise la flecha. Párese junto a él cuando la bomba pare por primera vez, y escuche.',
  'Watch, level recorder where there is a wet well': 'Reloj, registrador de nivel donde hay cárcamo',
  'No slam, and nothing runs back.': 'Sin golpe, y nada regresa.',
  'Closes without a slam': 'Cierra sin golpe',
  'Nothing runs back': 'Nada regresa',
  Balance: 'Balancear',
  'Set the opening that gives the flow, and mark it.': 'Ponga la apertura que da el flujo, y márquela.',
  'Flow meter or bucket and watch, paint marker': 'Medidor de flujo o cubeta y reloj, marcador de pintura',
  'The flow is within 10 % of what is asked.': 'El flujo está dentro de 10 % de lo pedido.',
  'Turns or degrees from closed': 'Vueltas o grados desde cerrada',
  Marked: 'Marcada',
  'Flow asked': 'Flujo pedido',
  Operate: 'Operar',
  'Open and close every shut-off fully once. Count the turns, feel the torque, and see what leaks by with it closed.':
    'Abra y cierre del todo cada llave de cierre una vez. Cuente las vueltas, sienta el par, y vea qué deja pasar cerrada.',
  'Valve key, counter, soap solution for gas': 'Llave de válvula, contador, solución de jabón para gas',
  'The turns are what its size has, and nothing leaks by.':
    'Las vueltas son las de su tamaño, y nada deja pasar.',
  'Relight every appliance behind a valve you closed.':
    'Vuelva a encender cada aparato detrás de una válvula que cerró.',
  'Say first who loses water. Never force a stiff valve.':
    'Diga primero quién se queda sin agua. Nunca fuerce una válvula dura.',
  'Turns to close': 'Vueltas para cerrar',
  Closes: 'Cierra',
  clockwise: 'a la derecha',
  'counter-clockwise': 'a la izquierda',
  'Closed, it leaks by': 'Cerrada, deja pasar',
  nothing: 'nada',
  drops: 'gotas',
  'a stream': 'un chorro',
  'Usual turns': 'Vueltas usuales',
  'Show and lock': 'Mostrar y bloquear',
  'Check that handle or indicator shows the truth, and lock or seal the valve in its normal position.':
    'Revise que el maneral o indicador diga la verdad, y bloquee o selle la válvula en su posición normal.',
  'Locks, seals, tags': 'Candados, sellos, etiquetas',
  'The handle tells the truth; on fire and gas lines a second person has seen it.':
    'El maneral dice la verdad; en líneas contra incendio y de gas lo vio una segunda persona.',
  'Handle or indicator shows the truth': 'El maneral o indicador dice la verdad',
  'In its normal position, locked or sealed where asked':
    'En su posición normal, con candado o sello donde se pide',
  'Also seen by (fire, gas)': 'Visto también por (incendio, gas)',
  'On fire and gas lines a second person looks: enter the name.':
    'En líneas contra incendio y de gas ve una segunda persona: anote el nombre.',
  Label: 'Etiquetar',
  'Hang the tag on every valve and the valve chart on the wall by the meter.':
    'Cuelgue la etiqueta en cada válvula y la tabla de válvulas en la pared junto al medidor.',
  'Tags, wire, valve chart': 'Etiquetas, alambre, tabla de válvulas',
  'Every tag hangs and was photographed.': 'Cada etiqueta está colgada y se fotografió.',
  'Tag hangs': 'Etiqueta colgada',
  Photographed: 'Fotografiada',
  'Model plumbing codes; 1.5 × working is usual practice.':
    'Códigos modelo de plomería; 1.5 × trabajo es práctica usual.',
  'Usual practice of steam fitters.': 'Práctica usual de los instaladores de vapor.',
  'Usual practice.': 'Práctica usual.',
  'Usual practice of sewer authorities.': 'Práctica usual de las autoridades de drenaje.',
};
