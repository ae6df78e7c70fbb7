import type { Sentences } from '../../language-table.js';

/** What is said of duties, picks, the board and the log. */
export const judgement: Sentences = {
  'stop or hose of this line': 'llave o manguera de esta línea',
  'Sacrificial valve: a full-port ball or a plug of the riser valve’s size, replaced after a few lines':
    'Válvula de sacrificio: una bola de paso completo o un macho del tamaño de la válvula de la montante, que se cambia después de unas cuantas líneas',
  'Insulated union or joint for the riser valve’s outlet, so that the purge kit does not bridge it':
    'Unión o junta aislante para la salida de la válvula de la montante, para que el juego de purga no la puentee',
  'Nipple and union to screw the sacrificial valve on the riser valve’s outlet':
    'Niple y unión para atornillar la válvula de sacrificio a la salida de la válvula de la montante',
  'Vent pipe or hose with a stack, long enough to end outdoors away from openings':
    'Tubo o manguera de venteo con chimenea, bastante larga para terminar al aire libre, lejos de aberturas',
  'Combustible-gas indicator, bump-tested today': 'Indicador de gas combustible, probado hoy con gas',
  'Pressure gauge, leak solution, thread sealant rated for gas':
    'Manómetro, solución para fugas, sellador de roscas para gas',
  'End piece (cap or plug) for the riser valve’s outlet':
    'Pieza final (tapa o tapón) para la salida de la válvula de la montante',
  'Fire extinguisher, barrier and signs: no ignition source':
    'Extintor, barrera y letreros: sin fuentes de ignición',
  'Set up the barrier, remove ignition sources, check the wind and nearby openings. Tell the utility and everybody in the building.':
    'Ponga la barrera, retire fuentes de ignición, revise el viento y las aberturas cercanas. Avise a la compañía y a todos en el edificio.',
  'Riser valve closed. Test the line as the code requires and record the test.':
    'Válvula de la montante cerrada. Pruebe la línea como pide el código y anote la prueba.',
  'Screw the insulated joint on the riser valve’s outlet, then the sacrificial valve, closed, then the vent.':
    'Atornille la junta aislante a la salida de la válvula de la montante, luego la válvula de sacrificio, cerrada, luego el venteo.',
  'Screw the sacrificial valve, closed, on the riser valve’s outlet, then the vent.':
    'Atornille la válvula de sacrificio, cerrada, a la salida de la válvula de la montante, luego el venteo.',
  'Open the riser valve fully and leave it fully open. It must shut off for decades, so it never throttles grit.':
    'Abra del todo la válvula de la montante y déjela abierta del todo. Debe cerrar por décadas, así que nunca regula arena.',
  'Open the sacrificial valve slowly, to {{opening}} and no further, for at least {{seconds}}.':
    'Abra despacio la válvula de sacrificio, a {{opening}} y no más, durante al menos {{seconds}}.',
  'Watch the indicator at the vent until it reads gas steadily. The time only tells you when to start looking.':
    'Vea el indicador en el venteo hasta que lea gas de manera estable. El tiempo solo le dice cuándo empezar a ver.',
  'Close the sacrificial valve, then the riser valve.':
    'Cierre la válvula de sacrificio, después la válvula de la montante.',
  'Remove the sacrificial valve and fit the end piece. Check every joint you opened with leak solution.':
    'Quite la válvula de sacrificio y ponga la pieza final. Revise con solución para fugas cada unión que abrió.',
  'Record the time, the opening, who watched, and the indicator reading.':
    'Anote la hora, la apertura, quién vigiló y la lectura del indicador.',
  'By qualified people, to the utility’s specification. Local code and the utility’s procedure come before this card.':
    'Por gente calificada, según la especificación de la compañía. El código local y el procedimiento de la compañía van antes que esta tarjeta.',
  'No ignition source, no switches, no vehicles. Gas released indoors stays until it is ventilated.':
    'Sin fuentes de ignición, sin interruptores, sin vehículos. El gas que sale adentro se queda hasta que se ventila.',
  'The vent is watched with a combustible-gas indicator from the first opening to the last.':
    'El venteo se vigila con un indicador de gas combustible desde la primera apertura hasta la última.',
  'Discharge outdoors only, at least as far from openings and ignition sources as the code requires. For this size and length, or this pressure, indoor discharge is not allowed.':
    'Descargue solo al aire libre, al menos tan lejos de aberturas y fuentes de ignición como pide el código. Para este tamaño y longitud, o esta presión, no se permite descargar adentro.',
  'Discharge as the code requires: outdoors where possible; indoors only ventilated, watched and where the code allows it.':
    'Descargue como pide el código: al aire libre donde se pueda; adentro solo ventilado, vigilado y donde el código lo permite.',
  'Fully open, the sacrificial valve would trip the excess-flow valve, and the line would stay empty until it resets.':
    'Abierta del todo, la válvula de sacrificio dispararía la válvula de exceso de flujo, y la línea quedaría vacía hasta que se restablezca.',
  'leaks gas: get everybody out, call the gas utility':
    'fuga de gas: saque a todos, llame a la compañía de gas',
  'does not turn: replace now': 'no gira: reemplácela ahora',
  'leaks outside': 'fuga hacia afuera',
  'leaks by': 'deja pasar',
  'seized: do not operate': 'trabada: no operar',
  'nothing walked yet': 'todavía sin recorrer',
  '{{toPick}} to pick': '{{toPick}} por elegir',
  'all picked': 'todo elegido',
  'in service': 'en servicio',
  'May a ball valve throttle?': '¿Puede regular una válvula de bola?',
  'Never: the seat wears and control is coarse.': 'Nunca: el asiento se gasta y el control es grueso.',
  'For rough balancing it may. Double-seated balls with actuators do control large lines.':
    'Para un balanceo aproximado puede. Bolas de doble asiento con actuador sí controlan líneas grandes.',
  'May a butterfly valve shut off?': '¿Puede cerrar el paso una válvula de mariposa?',
  'Never for shut-off.': 'Nunca para cerrar el paso.',
  'A rubber seat is drip tight and the handle shows the position, which is good for lock-out.':
    'Un asiento de hule es hermético y el maneral muestra la posición, lo que es bueno para el bloqueo.',
  'What about a gate nobody has operated?': '¿Y una compuerta que nadie ha operado?',
  'Do not operate it: close upstream and replace it.': 'No la opere: cierre aguas arriba y reemplácela.',
  'Exercise every gate every year so that none seizes.':
    'Ejercite cada compuerta cada año para que ninguna se trabe.',
  'Do not operate it when it is seized or was not exercised for over three years; exercise the rest.':
    'No la opere cuando está trabada o no se ejercitó por más de tres años; ejercite las demás.',
  'May a building have gate valves?': '¿Puede un edificio tener válvulas de compuerta?',
  'Yes, if they are exercised.': 'Sí, si se ejercitan.',
  'Replace every gate found with a quarter turn.':
    'Reemplace cada compuerta que encuentre por una de cuarto de vuelta.',
  'Replace faulty gates now and plan the rest.': 'Reemplace ya las compuertas con falla y planee las demás.',
  'Where may push-fit be used?': '¿Dónde se puede usar conexión de inserción?',
  'Anywhere it is approved.': 'Donde esté aprobada.',
  'Only where it can be seen.': 'Solo donde se pueda ver.',
  'Not used.': 'No se usa.',
  'Which gas cock?': '¿Qué llave de gas?',
  'Butterfly gas cock: fewest leak paths, not full flow.':
    'Llave de gas de mariposa: menos vías de fuga, no flujo completo.',
  'Ball valve: common and cheaper.': 'Válvula de bola: común y más barata.',
  'Either one; never a new taper plug.': 'Cualquiera de las dos; nunca un macho cónico nuevo.',
  'Which stops under fixtures?': '¿Qué llaves bajo los muebles?',
  'Quarter turn everywhere.': 'Cuarto de vuelta en todas partes.',
  'Multi-turn where cost decides.': 'Multivuelta donde decide el costo.',
  'Which check on sewage?': '¿Qué check en aguas negras?',
  'Flapper: a failure is noticed.': 'Clapeta: una falla se nota.',
  'Ball check: it passes solids; a failure is silent.':
    'Check de bola: deja pasar sólidos; una falla es silenciosa.',
  'Flapper up to DN100; ball check with yearly inspection.':
    'Clapeta hasta DN100; check de bola con inspección anual.',
  'Which valve is a riser purged through?': '¿Por qué válvula se purga una montante?',
  'The permanent valve, slightly open.': 'La válvula permanente, apenas abierta.',
  'Always a sacrificial valve.': 'Siempre una válvula de sacrificio.',
  'Full or reduced port?': '¿Paso completo o reducido?',
  'Full port everywhere.': 'Paso completo en todas partes.',
  'Reduced port where the calculated loss allows it.': 'Paso reducido donde lo permite la pérdida calculada.',
  'Does a ball valve need maintenance?': '¿Necesita mantenimiento una válvula de bola?',
  'No maintenance.': 'Sin mantenimiento.',
  'Exercise it yearly; adjust the seats where they are adjustable.':
    'Ejercítela cada año; ajuste los asientos donde se puedan ajustar.',
  ' House rule: ': ' Regla de la empresa: ',
  '{{quote}}{{says}} Other practice: {{join}}': '{{quote}}{{says}} Otra práctica: {{join}}',
  soldered: 'soldada',
  mechanical: 'mecánica',
  'solvent-cemented': 'cementada',
  hose: 'de manguera',
  'Are joint and seal listed for fuel gas?': '¿Están listados la unión y el sello para gas combustible?',
  'Soft solder melts in a fire: gas needs threads, flares, flanges, brazing, welds or a listed joint.':
    'La soldadura blanda se derrite en un incendio: el gas pide roscas, abocinados, bridas, soldadura fuerte, soldadura o una unión listada.',
  '{{end}} is not for fuel gas.': '{{end}}: no es para gas combustible.',
  'Steam ends this joint: its rubber or plastic fails.':
    'El vapor acaba con esta unión: falla su hule o plástico.',
  'A press joint has no steam limit unless its seal is listed for this steam.':
    'Una unión a presión no tiene límite de vapor si su sello no está listado para este vapor.',
  'Soft solder is not for steam this hot.': 'La soldadura blanda no es para vapor tan caliente.',
  'Only threads and welds carry a wash line at this pressure, not {{weak}}.':
    'Solo roscas y soldaduras aguantan una línea de lavado a esta presión, no: {{weak}}.',
  'Nothing rates {{unrated}} at this pressure.': 'Nada da presión nominal para {{unrated}} a esta presión.',
  'No table rates {{unrated}} in this size: ask its maker for the rating.':
    'Ninguna tabla da presión nominal para {{unrated}} en este tamaño: pídala al fabricante.',
  'At this pressure class 150 malleable fittings are not enough: use forged fittings and heavy pipe.':
    'A esta presión no bastan accesorios maleables clase 150: use accesorios forjados y tubo pesado.',
  'It is not made in this size.': 'No se fabrica en este tamaño.',
  ', {{port}} port': ', paso {{port}}',
  fits: 'sirve',
  'fits with care': 'sirve con cuidado',
  'ruled out': 'descartada',
  'Weakest part: {{governing}}, at {{utilisation}} % of its rating.':
    'Parte más débil: {{governing}}, al {{utilisation}} % de su presión nominal.',
  'Before {{from}}, which {{column}}.': 'Antes que {{from}}, que {{column}}.',
  'Rests on what is only assumed: {{join}}.': 'Se apoya en lo que solo se supone: {{join}}.',
  'Holds until {{join}}.': 'Vale hasta {{join}}.',
  ', or ': ', o ',
  '{{fact}} is {{share}} % {{what}}': '{{fact}} es {{share}} % {{what}}',
  'needs care{{what}}': 'pide cuidado{{what}}',
  'costs more per year': 'cuesta más por año',
  'ranks lower': 'queda más abajo',
  'ranks higher, and was passed over': 'queda más arriba, y no se tomó',
  'Duty of {{tag}}': 'Servicio de {{tag}}',
  'Pick at {{tag}}': 'Elección en {{tag}}',
  'Name of {{tag}}': 'Nombre de {{tag}}',
  'Hook-up of {{tag}}': 'Conexión de {{tag}}',
  'Coordinates of {{tag}}': 'Coordenadas de {{tag}}',
  'Photo of {{tag}}': 'Foto de {{tag}}',
  'Entry at {{tag}}': 'Anotación en {{tag}}',
  'Facts of {{name}}': 'Datos de {{name}}',
  'Job {{name}}': 'Obra {{name}}',
  'Job {{name}} archived or brought back': 'Obra {{name}} archivada o recuperada',
  'Line {{name}}': 'Línea {{name}}',
  'Walk of {{line}}': 'Recorrido de {{line}}',
  'Walk list for {{lines}}': 'Lista de recorrido para {{lines}}',
  'Import of {{name}}': 'Importación de {{name}}',
  'House rules of {{name}}': 'Reglas de {{name}}',
  'Order lines: {{lines}}': 'Renglones de pedido: {{lines}}',
  'Order line {{line}}': 'Renglón de pedido {{line}}',
  'Removed order lines: {{lines}}': 'Renglones quitados: {{lines}}',
  'Lines placed with {{supplier}}': 'Renglones pedidos a {{supplier}}',
  'Order sheet: {{lines}}': 'Hoja de pedido: {{lines}}',
  'Order with {{order}}': 'Pedido con {{order}}',
  'Quote request to {{supplier}}': 'Petición de cotización a {{supplier}}',
  'Start-up of {{line}}': 'Arranque de {{line}}',
  '{{line}} handed over': '{{line}} entregada',
  'Receipt of {{line}}': 'Recibo de {{line}}',
  'House rules': 'Reglas de la empresa',
  'Test pressures and times': 'Presiones y tiempos de prueba',
  'Interval of {{task}}': 'Intervalo de {{task}}',
  'Page for the owner at {{tag}}': 'Página para el propietario en {{tag}}',
  'Station of {{tag}}': 'Estación de {{tag}}',
  'What gets wet at {{tag}}': 'Qué se moja en {{tag}}',
  'Budget of the company': 'Presupuesto de la empresa',
  'Budget of {{name}}': 'Presupuesto de {{name}}',
  'Round {{name}}': 'Ronda {{name}}',
  'Round {{name}} changed': 'Ronda {{name}} cambiada',
  'Calendar address': 'Dirección de calendario',
  'Device {{name}}': 'Aparato {{name}}',
  Currency: 'Moneda',
  'Model {{model}} added': 'Modelo {{model}} agregado',
  'Model {{model}}': 'Modelo {{model}}',
  'Model {{model}} in or out of use': 'Modelo {{model}} en uso o fuera de uso',
  'Catalogue list: {{models}}': 'Lista de catálogo: {{models}}',
  'Role of {{person}}': 'Función de {{person}}',
  '{{person}} joined': '{{person}} entró',
  '{{person}} left': '{{person}} salió',
  'Invitation as {{role}}': 'Invitación como {{role}}',
  'Invitation as {{role}} withdrawn': 'Invitación como {{role}} retirada',
  'Password of {{person}}': 'Contraseña de {{person}}',
  'Link for a new password of {{person}}': 'Enlace para una contraseña nueva de {{person}}',
  'Second factor of {{person}} on or off': 'Segundo factor de {{person}} activado o desactivado',
  Note: 'Nota',
  Found: 'Encontrada',
  Operated: 'Operada',
  'Does not turn': 'No gira',
  'Shuts off': 'Cierra bien',
  'Leaks by when closed': 'Deja pasar cerrada',
  'Leaks outside': 'Fuga hacia afuera',
  Replaced: 'Reemplazada',
  'Refused by the customer': 'Rechazado por el cliente',
  'Shut and tagged': 'Cerrada y etiquetada',
  'Reported to the utility': 'Reportado a la compañía',
  'Less flow than before, or none': 'Menos flujo que antes, o nada',
  'Round visit': 'Visita de ronda',
  'Bench result': 'Resultado del banco',
  'text is empty: an entry of kind {{kind}} needs a text.':
    'text está vacío: una anotación de clase {{kind}} necesita un texto.',
  'found is empty: give at least one fact, like {"turning": "stiff"}.':
    'found está vacío: dé al menos un dato, como {"turning": "stiff"}.',
  'finding is missing: give at least the bench and its verdict.':
    'falta finding: dé al menos el banco y su veredicto.',
  '{{name}} does not belong to an entry of kind {{kind}}: leave it out.':
    '{{name}} no pertenece a una anotación de clase {{kind}}: no lo ponga.',
  'visit is missing: say what was done, or why it was not done.':
    'falta visit: diga qué se hizo, o por qué no se hizo.',
  'visit.done is empty: name what was done, or give visit.notDone or a text with the reason.':
    'visit.done está vacío: diga qué se hizo, o dé visit.notDone o un texto con la razón.',
  'look at it': 'revisar a la vista',
  'exercise it, then drain test': 'ejercitar, después prueba de dren',
  exercise: 'ejercitar',
  'leak test with soap': 'prueba de fugas con jabón',
  lubricate: 'lubricar',
  packing: 'empaque',
  'look inside': 'ver por dentro',
  'count pump starts': 'contar arranques de la bomba',
  'check the setting': 'revisar el ajuste',
  'clean the strainer': 'limpiar el filtro',
  'lift it': 'levantarla',
  'switch it': 'accionarla',
  'tighten the seats': 'apretar los asientos',
};
