import type { Sentences } from '../../language-table.js';

/** What is said of the walk and what is found on it. */
export const walk: Sentences = {
  basin: 'lavabo',
  'hand basin': 'lavabo',
  'kitchen sink': 'fregadero de cocina',
  'utility sink': 'lavadero',
  'mop sink': 'vertedero',
  'slop sink': 'vertedero',
  'laundry sink': 'lavadero',
  bidet: 'bidé',
  shower: 'regadera',
  bath: 'tina',
  toilet: 'inodoro',
  'water closet': 'inodoro',
  urinal: 'mingitorio',
  'ice maker': 'máquina de hielo',
  dishwasher: 'lavavajillas',
  'clothes washer': 'lavadora',
  'washing machine': 'lavadora',
  'water heater': 'calentador de agua',
  'hose bibb': 'llave de manguera',
  'hose bib': 'llave de manguera',
  'hose reel': 'carrete de manguera',
  'yard tap': 'llave de patio',
  'boiler feed': 'llenado de caldera',
  boiler: 'caldera',
  furnace: 'calefactor',
  dryer: 'secadora',
  'clothes dryer': 'secadora',
  'spray gun': 'pistola de rocío',
  'wash gun': 'pistola de lavado',
  flushometer: 'fluxómetro',
  'flush valve': 'fluxómetro',
  'backflow assembly': 'conjunto contra reflujo',
  'backflow preventer': 'dispositivo contra reflujo',
  'double check assembly': 'conjunto de doble check',
  'expansion tank': 'tanque de expansión',
  'expansion vessel': 'tanque de expansión',
  radiator: 'radiador',
  oven: 'horno',
  fountain: 'fuente',
  'drinking fountain': 'bebedero',
  sprinklers: 'rociadores',
  'sprinkler head': 'rociador',
  hydrant: 'hidrante',
  pump: 'bomba',
  building: 'edificio',
  fixture: 'mueble',
  'Enter a run (1/2 copper 12 ft), a valve (ball 1/2), a tee (tee to café), a fixture (basin x2) or the source (street main).':
    'Anote un tramo (cobre 1/2 12 pies), una válvula (bola 1/2), una te (te a café), un mueble (lavabo x2) o el origen (línea de la calle).',
  '“{{said}}” is not understood. {{right}}': '“{{said}}” no se entiende. {{right}}',
  '“{{tag}}” is not a tag.': '“{{tag}}” no es una etiqueta.',
  'Nobody has tried it: turn it gently by hand, with the appliance off, and soap it afterwards. Plan its replacement.':
    'Nadie la ha probado: gírela con cuidado a mano, con el aparato apagado, y después póngale jabón. Planee su reemplazo.',
  'A stiff key is near the end: no wrench on it, and never draw the nut down to stop a leak. Plan its replacement.':
    'Una llave dura está cerca del fin: sin llave de tuercas, y nunca apriete la tuerca para parar una fuga. Planee su reemplazo.',
  'A ground-key cock is tight only while it is greased: test it for leaks and plan its replacement.':
    'Una llave de macho engrasado es hermética solo mientras tiene grasa: pruébela por fugas y planee su reemplazo.',
  'Steam burns: shut it off, let it cool and vent it first. ':
    'El vapor quema: primero ciérrelo, deje enfriar y ventee. ',
  'Stop the pump and relieve the pressure at the gun first: a jet goes through skin. ':
    'Primero pare la bomba y quite la presión en la pistola: un chorro atraviesa la piel. ',
  'A fire line that leaks or is shut is an impairment: notify and post a watch. ':
    'Una línea contra incendio con fuga o cerrada deja sin protección: avise y ponga guardia. ',
  'Sewage: gloves, no confined space without its procedure. ':
    'Aguas negras: guantes, ningún espacio confinado sin su procedimiento. ',
  'It burns skin and eyes: drain, flush and lock out first. ':
    'Quema piel y ojos: primero vacíe, lave y bloquee. ',
  'Tighten the packing nut an eighth of a turn, and check again tomorrow.':
    'Apriete la tuerca del empaque un octavo de vuelta, y revise otra vez mañana.',
  'the main valve in the street, with the utility': 'la válvula principal de la calle, con la compañía',
  'Gas leaks outside.': 'Fuga de gas hacia afuera.',
  'Gas is leaking: do not touch a switch, open doors and windows by hand, get everybody out and call the gas utility from outside.':
    'Hay fuga de gas: no toque ningún interruptor, abra puertas y ventanas a mano, saque a todos y llame desde afuera a la compañía de gas.',
  'A ground-key gas cock that does not turn.': 'Una llave de gas de macho engrasado que no gira.',
  'A ground-key cock that does not turn must not stay in service. {{caution}}':
    'Una llave de macho engrasado que no gira no debe seguir en servicio. {{caution}}',
  'A gas shut-off of any other kind that does not turn.':
    'Una llave de gas de cualquier otra clase que no gira.',
  'A gas shut-off that does not turn shuts nothing off: replace it now. {{caution}}':
    'Una llave de gas que no gira no cierra nada: reemplácela ahora. {{caution}}',
  'An existing ground-key cock.': 'Una llave de macho engrasado existente.',
  'A relief valve that does not lift.': 'Una válvula de alivio que no levanta.',
  'A relief valve that does not lift protects nothing: turn the heat off, take the heater or boiler out of service and replace the valve now.':
    'Una válvula de alivio que no levanta no protege nada: apague el calor, saque de servicio el calentador o la caldera y reemplace la válvula ahora.',
  'A metal-wedge gate that is seized, or that nobody has operated for three years.':
    'Una compuerta de cuña de metal trabada, o que nadie ha operado en tres años.',
  'It is seized.': 'Está trabada.',
  'Nothing is known of when it was last operated.': 'No se sabe cuándo se operó por última vez.',
  'Last operated {{years}} years ago.': 'Operada por última vez hace {{years}} años.',
  '{{why}} Do not force it: use {{place}}, and plan its replacement.':
    '{{why}} No la fuerce: use {{place}}, y planee su reemplazo.',
  'A metal-wedge gate in a building.': 'Una compuerta de cuña de metal en un edificio.',
  'This gate is failing: replace it with a quarter-turn valve.':
    'Esta compuerta está fallando: reemplácela por una válvula de cuarto de vuelta.',
  'A gate in a building: operate it every year.': 'Una compuerta en un edificio: opérela cada año.',
  'Any other valve that does not turn.': 'Cualquier otra válvula que no gira.',
  'It does not turn: do not rely on it. No wrench on the handle: use {{place}}, and plan its replacement.':
    'No gira: no confíe en ella. Sin llave de tuercas en el maneral: use {{place}}, y planee su reemplazo.',
  'A stiff ball or eccentric plug.': 'Una bola o macho excéntrico duro.',
  'A stiff eccentric plug: grease its bearings and work it through its travel; check the packing is not overtightened.':
    'Un macho excéntrico duro: engrase sus cojinetes y muévalo por todo su recorrido; revise que el empaque no esté demasiado apretado.',
  'A stiff ball: work it a quarter turn back and forth by hand, without a wrench; scale on the ball or swollen seats mean plan its replacement.':
    'Una bola dura: muévala un cuarto de vuelta de ida y vuelta a mano, sin llave de tuercas; con sarro en la bola o asientos hinchados planee su reemplazo.',
  'A check that leaks by.': 'Un check que deja pasar.',
  'It lets sewage back: open it and look at the ball or flapper, the spring and the seat. Count the pump starts, and let the well’s level log show since when.':
    'Deja regresar aguas negras: ábralo y vea la bola o clapeta, el resorte y el asiento. Cuente los arranques de la bomba, y deje que el registro de nivel del cárcamo muestre desde cuándo.',
  'It lets water back: open it and look at disc, hinge or spring, and seat.':
    'Deja regresar agua: ábralo y vea disco, bisagra o resorte, y asiento.',
  'A relief valve that passes.': 'Una válvula de alivio que deja pasar.',
  'A relief that passes: look for the pressure first (a closed system without an expansion tank, a reducer that creeps), then replace it. Never close or plug anything at it.':
    'Un alivio que deja pasar: busque primero la presión (un sistema cerrado sin tanque de expansión, una reductora que sube sola), después reemplácelo. Nunca cierre ni tapone nada en él.',
  'A washer stop that drips when shut.': 'Una llave de empaque que gotea cerrada.',
  'It drips when shut: isolate with {{place}}, renew its washer (and the seat if it is cut), or replace it.':
    'Gotea cerrada: aísle con {{place}}, cambie su empaque (y el asiento si está cortado), o reemplácela.',
  'It leaks by or weeps when closed.': 'Deja pasar o rezuma cerrada.',
  'It leaks by when closed: do not rely on it. Isolate with {{place}}.':
    'Deja pasar cerrada: no confíe en ella. Aísle con {{place}}.',
  'It leaks outside.': 'Tiene fuga hacia afuera.',
  It: 'La válvula',
  'Its {{leaking}}': 'Su {{leaking}}',
  '{{where}} leaks: isolate with {{place}} before you loosen anything.':
    '{{where}} tiene fuga: aísle con {{place}} antes de aflojar cualquier cosa.',
  '{{duty}}{{where}} leaks: a check has no packing; its pin or cover gasket needs renewing, isolated with {{place}}.':
    '{{duty}}{{where}} tiene fuga: un check no tiene empaque de vástago; hay que cambiar el empaque de su perno o tapa, aislado con {{place}}.',
  'Less flow than before since it was reopened, or none.':
    'Menos flujo que antes desde que se reabrió, o nada.',
  'Less flow since it was shut: see that it is fully open, then look at strainers, aerators and flow limiters for what the shut-off loosened.':
    'Menos flujo desde que se cerró: vea que esté abierta del todo, después revise filtros, aireadores y limitadores de flujo por lo que soltó el cierre.',
  'No water since it was reopened: the wedge of a gate drops off its stem and stays shut. Do not force it: isolate with {{place}} and replace it.':
    'Sin agua desde que se reabrió: la cuña de una compuerta se suelta de su vástago y queda cerrada. No la fuerce: aísle con {{place}} y reemplácela.',
  'Less flow since it was reopened: the wedge has come off its stem or scale lies in the seat. Count the turns against those before, and plan its replacement.':
    'Menos flujo desde que se reabrió: la cuña se soltó de su vástago o hay sarro en el asiento. Compare las vueltas con las de antes, y planee su reemplazo.',
  'The handle does not show its true position.': 'El maneral no muestra su posición real.',
  'The handle does not show whether the valve is open: tag it and reset the handle.':
    'El maneral no muestra si la válvula está abierta: etiquétela y vuelva a colocar el maneral.',
  'A washer stop with chloramine or old rubber.': 'Una llave de empaque con cloramina o hule viejo.',
  'Chloramine: a rubber washer lasts about 4 to 8 years. Stock spares, or use a quarter-turn stop.':
    'Cloramina: un empaque de hule dura de 4 a 8 años. Tenga repuestos, o use una llave de cuarto de vuelta.',
  'Old rubber: a washer lasts 8 to 15 years in total. Renew it when the wall is open.':
    'Hule viejo: un empaque dura de 8 a 15 años en total. Cámbielo cuando esté abierto el muro.',
  'A multi-turn stop where the house rule is quarter turn.':
    'Una llave multivuelta donde la regla de la empresa es cuarto de vuelta.',
  'A multi-turn stop.': 'Una llave multivuelta.',
  'A gas shut-off of a type the house rule does not allow.':
    'Una llave de gas de un tipo que la regla de la empresa no permite.',
  'A ball valve not operated within a year, where the house rule is to exercise them.':
    'Una válvula de bola sin operar en un año, donde la regla de la empresa es ejercitarlas.',
  'It was not operated within a year.': 'No se operó en un año.',
  'A check.': 'Un check.',
  'Whether a check valve holds shows only when the flow reverses: inspect it, or count the pump starts.':
    'Si un check cierra solo se ve cuando el flujo se invierte: inspecciónelo, o cuente los arranques de la bomba.',
  'No valve where one should be.': 'Ninguna válvula donde debería haber una.',
  'There is no valve here: work downstream is isolated at {{place}}.':
    'Aquí no hay válvula: el trabajo aguas abajo se aísla en {{place}}.',
  'The drinking-water shut-off of a building that nobody has tested.':
    'La llave de agua potable de un edificio que nadie ha probado.',
  'Test that this is the shut-off of the building: the branch to the garden is often mistaken for it.':
    'Pruebe que esta es la llave del edificio: muchas veces se confunde con el ramal al jardín.',
  'Tell everybody who loses water, and check that no boiler or cooling depends on it.':
    'Avise a todos los que se quedan sin agua, y revise que ninguna caldera ni enfriamiento dependa de ella.',
  'Close it by hand, without a wrench.': 'Ciérrela a mano, sin llave de tuercas.',
  'Open the lowest faucet inside, cold then hot, and wait until it stops running.':
    'Abra adentro la llave de agua más baja, fría y después caliente, y espere hasta que deje de salir.',
  'Still running after two minutes: this is not the shut-off, or it leaks by.':
    'Si sigue saliendo después de dos minutos: esta no es la llave, o deja pasar.',
  'Open it again slowly and record what you found.': 'Ábrala otra vez despacio y anote lo que encontró.',
  stem: 'vástago',
};
