import type { Sentences } from '../../language-table.js';

/** What is said of connections and parts. */
export const hookUp: Sentences = {
  'Behind a panel the body has to be held, so that the handle does not turn the pipe.':
    'Detrás de un panel hay que sujetar el cuerpo, para que el maneral no gire el tubo.',
  'A hose pulls at it: fix the body to the wall.': 'Una manguera la jala: fije el cuerpo a la pared.',
  'Anybody can turn a plain lever: take a handle that locks or comes off.':
    'Cualquiera puede girar una palanca sencilla: use un maneral que se bloquee o se quite.',
  'The pipe gets insulated: bring the handle out of it.':
    'El tubo se aísla: saque el maneral del aislamiento.',
  'A lever of this size is hard to turn by hand where it is seldom operated.':
    'Una palanca de este tamaño es dura de girar a mano donde se opera poco.',
  'Outdoors a drain beside the seat empties the branch before frost.':
    'A la intemperie un dren junto al asiento vacía el ramal antes de la helada.',
  'Nothing joins {{end}} to this pipe here. {{text}}': 'Nada une {{end}} con este tubo aquí. {{text}}',
  'Its ends do not belong to this pipe: an adapter and a short piece of other pipe go between.':
    'Sus extremos no son de este tubo: van en medio un adaptador y un pedazo corto de otro tubo.',
  'a valve upstream holds': 'una válvula aguas arriba cierra bien',
  'a valve upstream leaks by': 'una válvula aguas arriba deja pasar',
  'nothing upstream holds': 'nada aguas arriba cierra',
  'Measure both valves end to end before you cut: the gap has to take the new body and what closes it.':
    'Mida ambas válvulas de extremo a extremo antes de cortar: en el hueco debe caber el cuerpo nuevo y lo que lo cierra.',
  'Find out before the day what shuts this line: close it, open an outlet below it and wait.':
    'Averigüe antes de ese día qué cierra esta línea: ciérrelo, abra una salida abajo y espere.',
  'Shut, lock and tag it, bleed the line outdoors and prove it dead. Licensed fitter only; purge and test afterwards.':
    'Cierre, bloquee y etiquete, descargue la línea al aire libre y compruebe que no tiene presión. Solo instalador con licencia; después purgar y probar.',
  'A gas line is neither frozen nor plugged: the utility shuts it at the meter or in the street. Licensed fitter only.':
    'Una línea de gas ni se congela ni se tapona: la compañía la cierra en el medidor o en la calle. Solo instalador con licencia.',
  'Shut the boiler down, lock it out, let the line cool and vent it: do not rely on a valve against steam.':
    'Apague la caldera, bloquéela, deje enfriar la línea y ventéela: no confíe en una válvula contra vapor.',
  'Stop and lock out the pumps, close what holds, and let the main drain: everything above the cut runs out.':
    'Pare y bloquee las bombas, cierre lo que cierra bien, y deje vaciar la línea: todo lo que está arriba del corte sale.',
  'Shut, lock and tag it, open the lowest outlet and wait until it runs dry.':
    'Cierre, bloquee y etiquete, abra la salida más baja y espere hasta que se vacíe.',
  'Freeze the pipe upstream of the cut, after it has cooled: the water must be cold and still, all pumps off.':
    'Congele el tubo aguas arriba del corte, cuando se haya enfriado: el agua debe estar fría y quieta, todas las bombas paradas.',
  'Freeze the pipe upstream of the cut: it must be full, the water cold and still. Keep the jacket on until the last joint is made.':
    'Congele el tubo aguas arriba del corte: debe estar lleno, el agua fría y quieta. Deje la camisa puesta hasta terminar la última unión.',
  'Water keeps coming: have the utility shut the next valve upstream, or book a line stop. Nothing is soldered or glued wet.':
    'Sigue llegando agua: pida a la compañía que cierre la siguiente válvula aguas arriba, o contrate un obturador. Nada se suelda ni se pega mojado.',
  'This pipe is not frozen on site: have the utility shut the street, or book a line stop through a hot tap.':
    'Este tubo no se congela en la obra: pida a la compañía que cierre la calle, o contrate un obturador por derivación en carga.',
  'Unbolt the old valve, clean both faces and use new gaskets; a shorter body needs a spool, a longer one a cut.':
    'Desatornille la válvula vieja, limpie ambas caras y use empaques nuevos; un cuerpo más corto pide carrete, uno más largo pide cortar.',
  'Cut the pipe beside the old valve, unscrew both halves, and close the gap with a nipple and a union.':
    'Corte el tubo junto a la válvula vieja, desenrosque ambas mitades, y cierre el hueco con un niple y una unión.',
  'This tube is not patched: run a new length from fitting to fitting.':
    'Este tubo no se parcha: ponga un tramo nuevo de accesorio a accesorio.',
  'Cut the old valve out and weld a short piece in: hot-work permit, line gas-free and dry.':
    'Corte la válvula vieja y suelde un pedazo corto: permiso de trabajo en caliente, línea sin gas y seca.',
  'Cut the old valve out with a length of pipe on the downstream side; a coupling without a stop slides over the joint.':
    'Corte la válvula vieja con un pedazo de tubo del lado aguas abajo; un cople sin tope se desliza sobre la unión.',
  'NPT starts in BSP because some sizes share the pitch, then leaks: the thread angle differs.':
    'NPT entra en BSP porque algunos tamaños comparten el paso, después tiene fuga: el ángulo de la rosca es otro.',
  'A metal male thread splits a plain plastic female thread.':
    'Una rosca macho de metal parte una rosca hembra de plástico sencilla.',
  'A nut on another maker’s tail seals metal to metal on faces that do not match: it leaks. Replace the pair.':
    'Una tuerca en la cola de otro fabricante sella metal con metal en caras que no casan: tiene fuga. Cambie el par.',
  'PVC and CPVC need their own cement, and a joint between the two fails. Use a valve of the same plastic as the pipe, or threaded ends.':
    'PVC y CPVC piden su propio cemento, y una unión entre los dos falla. Use una válvula del mismo plástico que el tubo, o extremos roscados.',
  'No fitting connects this pipe to this end. Use a valve with other ends.':
    'Ningún accesorio conecta este tubo con este extremo. Use una válvula con otros extremos.',
  'The adapter is listed for both threads.': 'El adaptador está listado para ambas roscas.',
  'The metal ring takes the load of the thread.': 'El aro de metal carga el esfuerzo de la rosca.',
  'Nut and tail of one maker fit each other.': 'Tuerca y cola del mismo fabricante casan.',
  'It needs a torch, and torches are not allowed here.': 'Pide soplete, y aquí no se permiten sopletes.',
  'A torch in an occupied building can start a fire: press or threaded ends are better.':
    'Un soplete en un edificio ocupado puede iniciar un incendio: mejor extremos a presión o roscados.',
  'The torch is close to a soft seat: open the valve, wrap it with a wet rag and heat the pipe.':
    'El soplete queda cerca de un asiento blando: abra la válvula, envuélvala con un trapo mojado y caliente el tubo.',
  'Water at the joint: the solder will not take.': 'Agua en la unión: la soldadura no agarra.',
  'No room to swing a wrench.': 'No hay espacio para mover una llave de tuercas.',
  'Try the jaw on the pipe before you cut it.': 'Pruebe la mordaza en el tubo antes de cortarlo.',
  'This joint must stay accessible: it cannot be closed up.':
    'Esta unión debe quedar accesible: no se puede tapar.',
  'House rule: push-fit only where it can be seen. Leave a panel.':
    'Regla de la empresa: conexión de inserción solo donde se pueda ver. Deje un registro.',
  'Push-fit is not for gas, fire lines or steam.':
    'La conexión de inserción no es para gas, líneas contra incendio ni vapor.',
  'House rule: push-fit is not used.': 'Regla de la empresa: no se usa conexión de inserción.',
  'Solvent-cemented plastic is not for gas: it stores energy and shatters.':
    'El plástico cementado no es para gas: almacena energía y estalla.',
  'PEX tube is not for fuel gas.': 'El tubo PEX no es para gas combustible.',
  'Plastic is not for steam.': 'El plástico no es para vapor.',
  'On a fire line use only fittings listed for fire protection, within their listing.':
    'En una línea contra incendio use solo accesorios listados para protección contra incendio, dentro de su listado.',
  'Not rated at this temperature: {{governing}}.': 'Sin presión nominal a esta temperatura: {{governing}}.',
  'The pressure exceeds the rating of the weakest part: {{governing}}.':
    'La presión pasa de la presión nominal de la parte más débil: {{governing}}.',
  'Close to the rating of the weakest part: {{governing}}.':
    'Cerca de la presión nominal de la parte más débil: {{governing}}.',
  'hose connection': 'conexión de manguera',
  'supply tube, nut and ferrule': 'tubo de alimentación, tuerca y férula',
  'the valve’s own tail and nut': 'la cola y la tuerca propias de la válvula',
  'its nut on the existing tail': 'su tuerca en la cola existente',
  'threaded directly': 'roscada directo',
  'no joint': 'sin unión',
  'flange, {{first}}': 'brida, {{first}}',
  'threaded coupling': 'cople roscado',
  '{{first}}, adapter {{last}}': '{{first}}, adaptador {{last}}',
  ', with reinforced ends': ', con extremos reforzados',
  ', with a listed adapter': ', con adaptador listado',
  'Arrow with the flow, away from the pump or the main.':
    'Flecha con el flujo, alejándose de la bomba o de la línea principal.',
  'Arrow as cast: it shuts off in one direction only.':
    'Flecha como viene en el cuerpo: cierra en un solo sentido.',
  'Arrow with the flow, which enters under the disc.': 'Flecha con el flujo, que entra por debajo del disco.',
  'Hinge pin up and level, cover on top.': 'Perno de bisagra arriba y a nivel, tapa hacia arriba.',
  'Hinge pin level, cover where it can be opened; flow upward.':
    'Perno de bisagra a nivel, tapa donde se pueda abrir; flujo hacia arriba.',
  'Shaft level, plug swinging up to the top when open, seat end upstream as marked.':
    'Eje a nivel, macho que gira hacia arriba al abrir, extremo del asiento aguas arriba como está marcado.',
  'Shaft level; seat end as marked.': 'Eje a nivel; extremo del asiento como está marcado.',
  'Shaft level where the water carries grit. Check that the disc can swing into both pipes.':
    'Eje a nivel donde el agua trae arena. Revise que el disco pueda girar dentro de ambos tubos.',
  'Hinge pin upright in a level line.': 'Perno de bisagra vertical en una línea a nivel.',
  'Stem straight up; never below level, where the bonnet fills with grit.':
    'Vástago vertical hacia arriba; nunca bajo el nivel, donde el bonete se llena de arena.',
  'Stem level.': 'Vástago a nivel.',
  'Stem upright, so that condensate drains.': 'Vástago vertical, para que drene el condensado.',
  'Spring housing up or level, set screw in reach.':
    'Caja del resorte hacia arriba o a nivel, tornillo de ajuste al alcance.',
  'Nut side where a wrench reaches it.': 'El lado de la tuerca donde llegue una llave.',
  'Handle in line with the pipe when open, across when closed. Leave room for the quarter turn.':
    'Maneral en línea con el tubo cuando está abierta, atravesado cuando está cerrada. Deje espacio para el cuarto de vuelta.',
  'Nut upright under the box, with room for the key to turn.':
    'Cuadro vertical bajo la caja, con espacio para girar la llave.',
  'Room for a hand around the wheel.': 'Espacio para una mano alrededor del volante.',
  'The stem rises: keep this height clear above it.': 'El vástago sube: deje libre esta altura arriba de él.',
  'No gasket: the seat seals on the flange faces. Spread the flanges, insert the valve with the disc nearly closed, then open the disc before you tighten the bolts crosswise.':
    'Sin empaque: el asiento sella en las caras de las bridas. Separe las bridas, meta la válvula con el disco casi cerrado, después abra el disco antes de apretar los tornillos en cruz.',
  'Cut square, deburr, push to the mark.': 'Corte a escuadra, quite la rebaba, empuje hasta la marca.',
  'No arrow: it shuts off from both sides.': 'Sin flecha: cierra por ambos lados.',
  'As the arrow or the port marks on its body show.':
    'Como muestren la flecha o las marcas de puerto en su cuerpo.',
  'screwed in': 'roscada',
  pressed: 'prensada',
  'pushed in': 'insertada',
  'nut and ferrule': 'tuerca y férula',
  flared: 'abocinada',
  crimped: 'engarzada',
  expanded: 'expandida',
  glued: 'pegada',
  'grooved coupling': 'cople ranurado',
  'socket-welded': 'soldada a enchufe',
  'butt-welded': 'soldada a tope',
  fused: 'fusionada',
  'the tube maker’s own fitting': 'el accesorio propio del fabricante del tubo',
  'bolted gland': 'prensaestopas atornillado',
  'pushed on': 'empujada',
  brazed: 'con soldadura fuerte',
  'Metric tube: order the valve with ends made for its outside in mm; an inch end does not seal on it.':
    'Tubo métrico: pida la válvula con extremos hechos para su diámetro exterior en mm; un extremo en pulgadas no sella en él.',
  ', stainless or coated': ', inoxidable o recubierto',
  ', lead-free': ', sin plomo',
  'class 125, flat face': 'clase 125, cara plana',
  'adapter, {{from}} × {{to}}{{part}}': 'adaptador, {{from}} × {{to}}{{part}}',
  'listed thread adapter, {{from}} × {{to}} NPT{{part}}':
    'adaptador de rosca listado, {{from}} × {{to}} NPT{{part}}',
  'female adapter with a metal ring cast in': 'adaptador hembra con aro de metal integrado',
  'coupling, female thread × female thread': 'cople, rosca hembra × rosca hembra',
  'reducer to {{what}}, {{part}}{{part2}}': 'reducción a {{what}}, {{part}}{{part2}}',
  'union, threaded{{part}}': 'unión, roscada{{part}}',
  'dielectric union': 'unión dieléctrica',
  'flange insulating kit, {{part}}: gasket, sleeves, washers':
    'juego aislante de brida, {{part}}: empaque, camisas, rondanas',
  'flange, {{part}}, {{part2}}': 'brida, {{part}}, {{part2}}',
  'ring gasket, {{part}}': 'empaque de anillo, {{part}}',
  'full-face gasket, {{part}}': 'empaque de cara completa, {{part}}',
  'bolts with nuts, {{part}}{{part2}}': 'tornillos con tuercas, {{part}}{{part2}}',
  'through bolts with two nuts, {{part}}{{part2}}': 'espárragos con dos tuercas, {{part}}{{part2}}',
  'cap screws, {{part}}{{part2}}': 'tornillos de cabeza, {{part}}{{part2}}',
  'gland, gasket and {{what}}{{part}}': 'contrabrida, empaque y {{what}}{{part}}',
  'T-bolts': 'tornillos T',
  'T-bolts {{thread}}': 'tornillos T {{thread}}',
  'restraint gland or joint restraint': 'contrabrida de restricción o restricción de junta',
  'push-on gasket with lubricant': 'empaque de empuje con lubricante',
  'grooved coupling with gasket and bolts': 'cople ranurado con empaque y tornillos',
  'electrofusion coupling': 'cople de electrofusión',
  'fitting of the tube’s maker, {{what}}': 'accesorio del fabricante del tubo, {{what}}',
  'supply tube or hose to the fixture, its nut and ferrule':
    'tubo o manguera de alimentación al mueble, con su tuerca y férula',
  'hose washer': 'empaque de manguera',
  'flare nut': 'tuerca abocinada',
  'stiffener in the tube': 'refuerzo dentro del tubo',
  'crimp ring': 'aro de engarce',
  'expansion ring': 'aro de expansión',
  'press tool with its jaw': 'herramienta de prensar con su mordaza',
  'cutter, deburrer and depth mark': 'cortador, rebabeador y marca de profundidad',
  'brazing rod and flux': 'varilla de soldadura fuerte y fundente',
  'lead-free solder': 'soldadura sin plomo',
  solder: 'soldadura',
  'water-soluble flux, brush, wet rag': 'fundente soluble en agua, cepillo, trapo mojado',
  'sealant listed for the medium': 'sellador listado para el fluido',
  'primer and cement for this plastic': 'limpiador y cemento para este plástico',
  'qualified welder, hot-work permit': 'soldador calificado, permiso de trabajo en caliente',
  'short piece of pipe to take the {{to}} end': 'pedazo corto de tubo para recibir el extremo {{to}}',
  'valve box with cover': 'caja de válvula con tapa',
  'extension stem: measure the cover': 'extensión de vástago: mida el relleno',
  'extension stem for {{figure}} {{symbol}} of cover':
    'extensión de vástago para {{figure}} {{symbol}} de relleno',
  length: 'longitud',
  'valve key': 'llave de válvula',
  'polyethylene wrap': 'envoltura de polietileno',
  'lock and tag': 'candado y etiqueta',
  'drain hose, bucket or wet vacuum': 'manguera de desagüe, cubeta o aspiradora de agua',
  'pipe cutter or saw': 'cortatubos o sierra',
  'pipe-freezing jackets': 'camisas para congelar tubo',
  'line stop through a hot tap, booked with a specialist':
    'obturador por derivación en carga, contratado con un especialista',
  coupling: 'cople',
  'coupling without a stop': 'cople sin tope',
  'short piece of the same pipe': 'pedazo corto del mismo tubo',
  'nipple, cut to the gap{{part}}': 'niple, cortado al hueco{{part}}',
  'flanged spool or filler for the difference in length':
    'carrete bridado o relleno para la diferencia de longitud',
  'solid sleeve{{part}}': 'manguito entero{{part}}',
  '{{outsideMm}} mm {{said}}': '{{outsideMm}} mm {{said}}',
  'no torch here': 'aquí sin soplete',
  'water keeps coming to the joint': 'sigue llegando agua a la unión',
  'closed up afterwards': 'se tapa después',
  'no room for a wrench or a jaw': 'sin espacio para llave o mordaza',
  'Which pipe is it? The joints, the adapters and the parts depend on its material.':
    '¿Qué tubo es? Las uniones, los adaptadores y las piezas dependen de su material.',
  'Its ends are not known: read them from the tag, or ask the supplier.':
    'No se conocen sus extremos: léalos de la etiqueta, o pregunte al proveedor.',
  'A wafer valve is held by both flanges: with the downstream pipe removed, nothing holds it.':
    'Una válvula de oblea la sujetan ambas bridas: sin el tubo aguas abajo, nada la sujeta.',
  'At the end of a line use only a lug valve rated for it, with its own cap screws on the side that stays.':
    'Al fin de una línea use solo una válvula orejada con presión nominal para ello, con sus propios tornillos en el lado que se queda.',
  'A union must stay accessible: leave a panel.': 'Una unión debe quedar accesible: deje un registro.',
  'A push-on or mechanical joint slides apart under pressure: restrain it as far back as the designer of the line requires.':
    'Una junta de empuje o mecánica se abre con la presión: restrínjala tan atrás como pida el diseñador de la línea.',
  'There is no bolt table for this size: take the bolts from the flange standard.':
    'No hay tabla de tornillos para este tamaño: tome los tornillos de la norma de la brida.',
};
