import type { Sentences } from '../../language-table.js';

/** What is said of the rules that judge a valve. */
export const selection: Sentences = {
  'Advice for a qualified person: local code, the authority, the listing and the maker override it.':
    'Consejo para una persona calificada: el código local, la autoridad, el listado y el fabricante están por encima.',
  'chloramine ages the rubber': 'la cloramina envejece el hule',
  'hard water seizes valves that are seldom operated': 'el agua dura traba válvulas que se operan poco',
  'it is never operated': 'nunca se opera',
  'it operates many times a day': 'se opera muchas veces al día',
  'grit wears the seats': 'la arena gasta los asientos',
  'part open, the flow wears the seats': 'a medio abrir, el flujo gasta los asientos',
  'it works near the temperature limit of its seat': 'trabaja cerca del límite de temperatura de su asiento',
  'Drinking water.': 'Agua potable.',
  'Is it marked for drinking water (NSF/ANSI 61 and 372)?':
    '¿Está marcada para agua potable (NSF/ANSI 61 y 372)?',
  'Not approved for drinking water (NSF/ANSI 61 and 372).':
    'No aprobada para agua potable (NSF/ANSI 61 y 372).',
  'Fuel gas.': 'Gas combustible.',
  'Is it marked for gas (ANSI Z21.15/CSA 9.1 or ASME B16.33/B16.44)?':
    '¿Está marcada para gas (ANSI Z21.15/CSA 9.1 o ASME B16.33/B16.44)?',
  'Existing valve without a gas approval: test it for leaks and plan its replacement.':
    'Válvula existente sin aprobación de gas: pruébela por fugas y planee su reemplazo.',
  'Not approved for gas (ANSI Z21.15/CSA 9.1 or ASME B16.33/B16.44).':
    'No aprobada para gas (ANSI Z21.15/CSA 9.1 o ASME B16.33/B16.44).',
  'Shut-off on a sprinkler line, not in the ground: listed, indicating, lockable or supervised, and slow.':
    'Llave de cierre en una línea de rociadores, no enterrada: listada, indicadora, bloqueable o supervisada, y lenta.',
  'Not listed for fire protection.': 'No está listada para protección contra incendio.',
  'A bare quarter-turn handle can be knocked closed unseen and closes too fast: use only a listed, geared indicating valve.':
    'Un maneral de cuarto de vuelta desnudo se puede cerrar de un golpe sin que se note y cierra demasiado rápido: use solo una válvula indicadora listada, con engranes.',
  'It closes too fast for a sprinkler line.': 'Cierra demasiado rápido para una línea de rociadores.',
  'Its position does not show: nobody would see a closed sprinkler valve.':
    'Su posición no se ve: nadie notaría una válvula de rociadores cerrada.',
  'Is it listed for fire protection?': '¿Está listada para protección contra incendio?',
  'Does the stem rise outside, so that its position shows?':
    '¿Sube el vástago por fuera, de modo que se ve su posición?',
  'Is it listed as indicating and supervised?': '¿Está listada como indicadora y supervisada?',
  'Which operator does it have? It must take at least five seconds to close.':
    '¿Qué operador tiene? Debe tardar al menos cinco segundos en cerrar.',
  'A snake, camera or pig must pass.': 'Debe pasar una guía, cámara o diablo.',
  'No snake or camera passes: the bore is obstructed, narrows or turns.':
    'No pasa guía ni cámara: el paso está obstruido, se angosta o da vuelta.',
  'A snake passes only with the flapper lifted by hand.':
    'Una guía pasa solo si se levanta la clapeta a mano.',
  'A snake must pass: does it have a full port?': 'Debe pasar una guía: ¿tiene paso completo?',
  'Butterfly on raw sewage or slurry.': 'Mariposa en aguas negras crudas o lodos.',
  'The disc stays in the flow: rags catch on it and it no longer closes.':
    'El disco queda en el flujo: los trapos se enredan en él y ya no cierra.',
  'At this size most solids pass the disc, but rags still catch on it: plan to clear it.':
    'En este tamaño la mayoría de los sólidos pasa el disco, pero los trapos se enredan: planee limpiarla.',
  'Gate on raw sewage or slurry.': 'Compuerta en aguas negras crudas o lodos.',
  'Solids fill the seat pocket and the wedge no longer seats.':
    'Los sólidos llenan la ranura del asiento y la cuña ya no asienta.',
  'It has no seat pocket to fill, but grit cuts the rubber: exercise it and flush the seat.':
    'No tiene ranura que se llene, pero la arena corta el hule: ejercítela y lave el asiento.',
  'What is the highest pressure here? A knife gate is for low pressure.':
    '¿Cuál es la presión más alta aquí? Una compuerta de cuchilla es para baja presión.',
  'Above this pressure the plate of a knife gate bends and the packing fails.':
    'Arriba de esta presión la placa de una compuerta de cuchilla se dobla y el empaque falla.',
  'Its packing weeps at this pressure: plan to retighten and renew it.':
    'Su empaque rezuma a esta presión: planee reapretarlo y cambiarlo.',
  'Eccentric plug or full-port ball on raw sewage or slurry.':
    'Macho excéntrico o bola de paso completo en aguas negras crudas o lodos.',
  'The plug swings clear of the flow and wipes its seat.':
    'El macho se aparta del flujo y limpia su asiento.',
  'The cavity around the ball collects solids: exercise the valve and flush it before they set.':
    'La cavidad alrededor de la bola junta sólidos: ejercite la válvula y lávela antes de que se endurezcan.',
  'Raw sewage or slurry: what stands in the bore, or a passage smaller than the solids.':
    'Aguas negras crudas o lodos: lo que estorba en el paso, o un paso menor que los sólidos.',
  'It stands in the flow: rags and solids catch on it and block it.':
    'Estorba en el flujo: trapos y sólidos se enredan y la tapan.',
  'The solids the pump passes are larger than its bore.':
    'Los sólidos que pasa la bomba son mayores que su paso.',
  'What is in the sewage: grit, rags and strings? It decides on this type.':
    '¿Qué hay en las aguas negras: arena, trapos e hilos? De eso depende este tipo.',
  'Solids and a port under four fifths of the pipe.': 'Sólidos y un paso menor de cuatro quintos del tubo.',
  'Which port does it have? Solids settle where the bore narrows.':
    '¿Qué paso tiene? Los sólidos se asientan donde se angosta.',
  'Rags, strings and grit catch where the bore narrows.':
    'Trapos, hilos y arena se atoran donde se angosta el paso.',
  'Solids settle where the bore narrows: use a full port where possible.':
    'Los sólidos se asientan donde se angosta el paso: use paso completo donde se pueda.',
  'Low supply pressure, and a valve with a high loss.':
    'Presión de suministro baja, y una válvula con mucha pérdida.',
  'How low is the pressure? A valve may take a fifth of it at most.':
    '¿Qué tan baja es la presión? Una válvula puede tomar un quinto de ella como máximo.',
  'It loses pressure where the supply is low: calculate the loss at the flow before you choose it.':
    'Pierde presión donde el suministro es bajo: calcule la pérdida con el flujo antes de elegirla.',
  'Fully open, it loses more than a fifth of the available pressure.':
    'Abierta del todo, pierde más de un quinto de la presión disponible.',
  'It loses pressure where the supply is low.': 'Pierde presión donde el suministro es bajo.',
  'Velocity in the bore, building water.': 'Velocidad en el paso, agua de edificio.',
  'At this velocity the flow tears the seats.': 'A esta velocidad el flujo arranca los asientos.',
  'High velocity in the bore: noise and wear. A larger bore is quieter.':
    'Velocidad alta en el paso: ruido y desgaste. Un paso mayor es más silencioso.',
  'Throttling with too low a valve authority.': 'Regular con una autoridad de válvula demasiado baja.',
  'Too large to control: only the last part of its travel changes the flow. Use a smaller size.':
    'Demasiado grande para controlar: solo la última parte de su recorrido cambia el flujo. Use un tamaño menor.',
  'Look inside twice a year: flappers tear at the pin.':
    'Vea por dentro dos veces al año: las clapetas se rompen en el perno.',
  'Look inside every year: the ball wears egg-shaped.':
    'Vea por dentro cada año: la bola se gasta en forma de huevo.',
  'Look inside every year: springs tire.': 'Vea por dentro cada año: los resortes se cansan.',
  'Look inside every two years from two inches up: hinge, spring and seat wear out of sight.':
    'Vea por dentro cada dos años desde dos pulgadas: bisagra, resorte y asiento se gastan sin que se vea.',
  'Which way does it flow: level, up or down? It decides whether this check closes.':
    '¿Hacia dónde fluye: a nivel, arriba o abajo? De eso depende si este check cierra.',
  'Grit settles under its disc and at its pin: it leaks by, and the pin wears.':
    'La arena se asienta bajo su disco y en su perno: deja pasar, y el perno se gasta.',
  'Grit packs its guide and holds the disc open.': 'La arena llena su guía y deja el disco abierto.',
  'Grit scores its seat and wears the pins in the flow.':
    'La arena raya su asiento y gasta los pernos en el flujo.',
  'Swing, weighted swing or tilting check, by the way the flow goes.':
    'Check de columpio, con peso o basculante, según la dirección del flujo.',
  'With downward flow, flow and weight hold the disc open: it never closes.':
    'Con flujo hacia abajo, flujo y peso mantienen abierto el disco: nunca cierra.',
  'It closes by its own weight here, with the hinge pin level and at the top.':
    'Aquí cierra por su propio peso, con el perno de bisagra a nivel y arriba.',
  'In upward flow a plain flapper closes in time, and it has no spring to break.':
    'Con flujo hacia arriba una clapeta sencilla cierra a tiempo, y no tiene resorte que se rompa.',
  'Plain swing check, intermittent or pulsating flow.':
    'Check de columpio sencillo, flujo intermitente o pulsante.',
  'The disc slams every time the flow stops and damages its seat: use a check closed by a spring.':
    'El disco golpea cada vez que para el flujo y daña su asiento: use un check que cierre un resorte.',
  'It slams every time the flow stops: listen to it, and use a check closed by a spring if it bangs.':
    'Golpea cada vez que para el flujo: escúchelo, y use un check de resorte si golpea fuerte.',
  'Lift check in the wrong flow direction.': 'Check de elevación en la dirección de flujo equivocada.',
  'Its disc moves across the axis: it works only in a level line.':
    'Su disco se mueve a través del eje: solo trabaja en una línea a nivel.',
  'Its disc moves along the axis: it works only in upward flow.':
    'Su disco se mueve a lo largo del eje: solo trabaja con flujo hacia arriba.',
  'Ball check, flow downward.': 'Check de bola, flujo hacia abajo.',
  'In downward flow the ball never seats.': 'Con flujo hacia abajo la bola nunca asienta.',
  'Check closed by a spring, in a level line or with a risk of water hammer.':
    'Check que cierra un resorte, en una línea a nivel o con riesgo de golpe de ariete.',
  'The spring closes it before the flow reverses, in any position.':
    'El resorte lo cierra antes de que el flujo se invierta, en cualquier posición.',
  'Swing check with a spring, upward flow, low risk of water hammer.':
    'Check de columpio con resorte, flujo hacia arriba, poco riesgo de golpe de ariete.',
  'In upward flow a plain flapper works too, with fewer parts.':
    'Con flujo hacia arriba también trabaja una clapeta sencilla, con menos piezas.',
  'Inline spring check, by solids in the water.': 'Check de resorte en línea, según los sólidos del agua.',
  'Rags and grit wedge between poppet and guide, and it stays open.':
    'Trapos y arena se atoran entre obturador y guía, y queda abierto.',
  'Screened water at a high head: the spring closes it before the flow reverses.':
    'Agua cribada a mucha altura: el resorte lo cierra antes de que el flujo se invierta.',
  'Ball check on clean water with scale, sediment or grit.':
    'Check de bola en agua limpia con sarro, sedimento o arena.',
  'Grit scores the ball and its seat: it turns as it works and cleans itself best, but it wears.':
    'La arena raya la bola y su asiento: gira al trabajar y se limpia mejor que otros, pero se gasta.',
  'The ball turns as it works, so it wears evenly and wipes its seat.':
    'La bola gira al trabajar, así que se gasta parejo y limpia su asiento.',
  'Swing, lift or tilting check, grit or sediment.':
    'Check de columpio, elevación o basculante, arena o sedimento.',
  'Ball check on raw sewage.': 'Check de bola en aguas negras crudas.',
  'In this size a flapper comes first: a ball wears egg-shaped and sticks open without any alarm.':
    'En este tamaño va primero una clapeta: una bola se gasta en forma de huevo y se atora abierta sin ninguna alarma.',
  'The ball wears egg-shaped and sticks open without any alarm: inspect it yearly and count the pump starts.':
    'La bola se gasta en forma de huevo y se atora abierta sin ninguna alarma: revísela cada año y cuente los arranques de la bomba.',
  'Swing check on raw sewage, by the house rule on sewage checks.':
    'Check de columpio en aguas negras crudas, según la regla de la empresa para checks de aguas negras.',
  'Rags catch on its hinge.': 'Los trapos se enredan en su bisagra.',
  'A flapper that fails is noticed.': 'Una clapeta que falla se nota.',
  'Swing check in waste, flow over 3 m/s.': 'Check de columpio en aguas residuales, flujo de más de 3 m/s.',
  'At this velocity the flapper can tear off and block the line; a high level shows it.':
    'A esta velocidad la clapeta puede arrancarse y tapar la línea; un nivel alto lo muestra.',
  'Dual-plate check, any solids.': 'Check de doble placa, cualquier sólido.',
  'Solids catch on its hinge in the middle of the flow and hold the plates open.':
    'Los sólidos se enredan en su bisagra en medio del flujo y dejan abiertas las placas.',
  'The flow does not hold it fully open.': 'El flujo no lo mantiene abierto del todo.',
  'The flow does not open it fully: it chatters and wears. One size smaller would open fully.':
    'El flujo no lo abre del todo: traquetea y se gasta. Un tamaño menor abriría del todo.',
  'The flow does not open it fully: it chatters and wears. Use a type that opens at a lower velocity.':
    'El flujo no lo abre del todo: traquetea y se gasta. Use un tipo que abra con menos velocidad.',
  'Sewage or effluent from DN150, or a long rising main.':
    'Aguas negras o efluente desde DN150, o una línea de impulsión larga.',
  'The flow reverses before a plain flapper closes: let the calculated slam decide.':
    'El flujo se invierte antes de que cierre una clapeta sencilla: deje que decida el golpe calculado.',
  'A spring or weight closes it before the flow reverses.':
    'Un resorte o peso lo cierra antes de que el flujo se invierta.',
  'Any check.': 'Cualquier check.',
  'The type is not made for this function.': 'El tipo no está hecho para esta función.',
  '{{type}} is not made to {{function}}.': '{{type}}: no está hecha para {{function}}.',
  'Any gate, to throttle.': 'Cualquier compuerta, para regular.',
  'Part open, a gate hangs loose in its guides: it chatters and cuts its own seat. Keep it fully open or closed.':
    'A medio abrir, una compuerta cuelga suelta en sus guías: traquetea y corta su propio asiento. Déjela abierta del todo o cerrada.',
  'Taper plug, to throttle.': 'Macho cónico, para regular.',
  'Part open, the flow washes the grease off a taper plug and it leaks or seizes. Keep it fully open or closed.':
    'A medio abrir, el flujo lava la grasa de un macho cónico y deja pasar o se traba. Déjela abierta del todo o cerrada.',
  'Ball or quarter-turn stop, to throttle.': 'Bola o llave de cuarto de vuelta, para regular.',
  'A ball valve controls coarsely: most of its flow comes in the last third of the turn. Not for fine control.':
    'Una válvula de bola controla grueso: casi todo su flujo llega en el último tercio de la vuelta. No para control fino.',
  'Part open, the flow wears the seats of a ball valve and control is coarse: rough balancing at most.':
    'A medio abrir, el flujo gasta los asientos de una válvula de bola y el control es grueso: cuando más, balanceo aproximado.',
  'Globe family, diaphragm, metering radiator valve, eccentric plug on waste or butterfly on clean water, to throttle.':
    'Familia de globo, diafragma, válvula de radiador dosificadora, macho excéntrico en aguas residuales o mariposa en agua limpia, para regular.',
  '{{type}} holds a part-open setting without tearing its seat.':
    '{{type}}: mantiene un ajuste a medio abrir sin arrancar su asiento.',
  'Fine control with a butterfly needs a gear operator: which operator does it have?':
    'El control fino con mariposa pide operador de engranes: ¿qué operador tiene?',
  'With a gear operator a butterfly can be set finely between a quarter and three quarters of its turn.':
    'Con operador de engranes una mariposa se ajusta fino entre un cuarto y tres cuartos de su vuelta.',
  'Fine control with a butterfly needs a gear operator: order it with one.':
    'El control fino con mariposa pide operador de engranes: pídala con uno.',
  'Compression stop or disc radiator valve, to throttle.':
    'Llave de compresión o válvula de radiador de disco, para regular.',
  'What is its washer made of? A rubber one on a fine thread sets a flow well.':
    '¿De qué es su empaque? Uno de hule en rosca fina ajusta bien el flujo.',
  'Its hard seat wire-draws part open: use one with a rubber washer.':
    'Su asiento duro se surca a medio abrir: use una con empaque de hule.',
  'A washer over a wide opening passes most of the flow in the first turn. Not for fine control.':
    'Un empaque sobre una abertura amplia deja pasar casi todo el flujo en la primera vuelta. No para control fino.',
  'A washer can throttle, but it flutters and wears: set it well off the seat.':
    'Un empaque puede regular, pero vibra y se gasta: déjelo bien separado del asiento.',
  'Globe of any form, needle or compression stop, to shut off within a run.':
    'Globo de cualquier forma, aguja o llave de compresión, para cerrar el paso dentro de un tramo.',
  'The flow path turns over the seat: no snake or camera passes.':
    'El flujo da vuelta sobre el asiento: no pasa guía ni cámara.',
  'It seals in one direction only, under the disc: flow from the other side lifts or slams it.':
    'Sella en un solo sentido, por debajo del disco: el flujo del otro lado lo levanta o lo golpea.',
  'In a run it always loses pressure and works in one direction only: follow the arrow, or use a straight-through type.':
    'En un tramo siempre pierde presión y trabaja en un solo sentido: siga la flecha, o use un tipo de paso recto.',
  'Butterfly, to shut off.': 'Mariposa, para cerrar el paso.',
  'A metal-seated butterfly leaks by when closed: do not rely on it as a shut-off.':
    'Una mariposa de asiento de metal deja pasar cerrada: no confíe en ella para cerrar el paso.',
  'A rubber-seated butterfly closes drip tight.': 'Una mariposa de asiento de hule cierra hermética.',
  'Metal-wedge gate to DN50 in a building, to isolate.':
    'Compuerta de cuña de metal hasta DN50 en un edificio, para aislar.',
  'A gate not operated seizes; forced, its stem cracks or wedge drops. Prefer quarter turn.':
    'Una compuerta sin operar se traba; forzada, su vástago se agrieta o cae la cuña. Mejor cuarto de vuelta.',
  'Many-turn type, to shut off in an emergency.': 'Tipo de muchas vueltas, para cerrar en una emergencia.',
  'In an emergency it must close in one move: a quarter turn, not many turns of a wheel.':
    'En una emergencia debe cerrar de un solo movimiento: un cuarto de vuelta, no muchas vueltas de volante.',
  'At this size there may be only multi-turn valves: keep access clear and write the number of turns on the tag.':
    'En este tamaño puede haber solo válvulas multivuelta: mantenga libre el acceso y escriba el número de vueltas en la etiqueta.',
  'The position must be seen or locked.': 'La posición se debe ver o bloquear.',
  'Its handle takes no lock: order a locking handle or a type that has one.':
    'Su maneral no admite candado: pida un maneral con seguro o un tipo que lo tenga.',
  'Lock-out is required: which handle does it have?': 'Se requiere bloqueo: ¿qué maneral tiene?',
  'Its position must be visible: does the stem rise?': 'Su posición debe verse: ¿sube el vástago?',
  'You cannot see whether it is closed: count the turns and tag the position.':
    'No se ve si está cerrada: cuente las vueltas y etiquete la posición.',
  'Reverse flow to be stopped, or a check asked to do anything else.':
    'Hay que detener flujo inverso, o a un check se le pide otra cosa.',
  'Only a check valve closes by itself when the flow reverses.':
    'Solo un check cierra por sí mismo cuando el flujo se invierte.',
  'A check valve only stops reverse flow: you cannot {{function}} with it.':
    'Un check solo detiene el flujo inverso: con él no se puede {{function}}.',
  'Reverse flow on a water line that touches drinking water.':
    'Flujo inverso en una línea de agua que toca agua potable.',
  'A check valve is not a backflow preventer. Install the assembly the code lists for this hazard, tested by a certified tester.':
    'Un check no es un dispositivo contra reflujo. Instale el conjunto que el código lista para este peligro, probado por un probador certificado.',
  'Is there a hazard to drinking water beyond it? A check valve is not a backflow preventer.':
    '¿Hay más adelante un peligro para el agua potable? Un check no es un dispositivo contra reflujo.',
  'Is it fed from drinking water? Then it usually is a cross connection, and a check valve is not a backflow preventer.':
    '¿Se alimenta de agua potable? Entonces por lo general es una conexión cruzada, y un check no es un dispositivo contra reflujo.',
  'Relief valve.': 'Válvula de alivio.',
  'No valve may be between it and what it protects. Its outlet runs full size, downhill, to a visible place.':
    'No puede haber ninguna válvula entre ella y lo que protege. Su salida va a tamaño completo, hacia abajo, a un lugar visible.',
  'Pressure reducer on drinking water.': 'Reductora de presión en agua potable.',
  'It blocks the way back to the street: where water is heated downstream, an expansion tank is needed. A strainer upstream protects its seat.':
    'Cierra el camino de regreso a la calle: donde se calienta agua aguas abajo hace falta un tanque de expansión. Un filtro aguas arriba protege su asiento.',
  'Fuel gas, by its joints.': 'Gas combustible, por sus uniones.',
  'A joint that no table rates, or that steam or a high-pressure wash line rules out.':
    'Una unión que ninguna tabla clasifica, o que el vapor o una línea de lavado a alta presión descarta.',
  'Soldered ends beside a soft seat, or a joint without a torch in an occupied area.':
    'Extremos soldables junto a un asiento blando, o una unión sin soplete en un área ocupada.',
  'No torch is needed: no fire risk, and a wet line does not matter.':
    'No hace falta soplete: sin riesgo de incendio, y no importa una línea mojada.',
  'A torch in an occupied or concealed place can start a fire and ruins soft seats: press or threaded ends are better.':
    'Un soplete en un lugar ocupado u oculto puede iniciar un incendio y arruina asientos blandos: mejor extremos a presión o roscados.',
  'The torch ruins soft seats: open the valve, wrap it wet, heat the pipe.':
    'El soplete arruina asientos blandos: abra la válvula, envuélvala mojada, caliente el tubo.',
  'Push-fit ends.': 'Extremos de inserción.',
  'Push-fit is not used.': 'No se usa conexión de inserción.',
  'Concealed, nobody sees it fail.': 'Oculta, nadie ve cuando falla.',
  'Copper alloy on steel pipe in a wet line.': 'Aleación de cobre sobre tubo de acero en una línea mojada.',
  'The steel corrodes where it meets {{bodyMaterial}}: use a dielectric fitting between them.':
    'El acero se corroe donde toca {{bodyMaterial}}: use una unión dieléctrica entre los dos.',
  'BSP threads among NPT, or the other way round.': 'Roscas BSP entre NPT, o al revés.',
  'NPT on one end and BSP on the other: one of them leaks without a listed adapter.':
    'NPT en un extremo y BSP en el otro: uno tiene fuga sin adaptador listado.',
  'Which threads does this job have? BSP starts in NPT and then leaks.':
    '¿Qué roscas tiene esta obra? BSP entra en NPT y después tiene fuga.',
  'NPT and BSP start in each other and then leak: use only a listed adapter.':
    'NPT y BSP entran una en otra y después tienen fuga: use solo un adaptador listado.',
  'Plain plastic female threads on metal pipe.': 'Roscas hembra de plástico sencillas en tubo de metal.',
  'A metal male thread splits a plain plastic female thread: use reinforced female ends, or a plastic male thread.':
    'Una rosca macho de metal parte una rosca hembra de plástico sencilla: use extremos hembra reforzados, o rosca macho de plástico.',
  'Ends that do not go straight onto the pipe, by the plainest connection there is.':
    'Extremos que no van directo al tubo, por la conexión más sencilla que hay.',
  'Cleaned for oxygen, by the licensed. Where gases mix, a check valve on both legs and a flash arrestor.':
    'Limpia para oxígeno, por gente con licencia. Donde se mezclan gases, un check en ambos ramales y un arrestador de flama.',
  'EPDM in fuel gas.': 'EPDM en gas combustible.',
  'Fuel gas swells EPDM until it no longer seals.':
    'El gas combustible hincha el EPDM hasta que ya no sella.',
  'PVC or CPVC with a gas, compressed air or steam.': 'PVC o CPVC con un gas, aire comprimido o vapor.',
  'Plastic under gas stores energy and shatters.': 'El plástico con gas almacena energía y estalla.',
  'Vapour steam, to throttle, other than with a metering or needle valve.':
    'Vapor al vacío, para regular, con otra que no sea dosificadora o de aguja.',
  'At this pressure a wide opening passes too much when slightly open: only a metering cone sets the flow finely.':
    'A esta presión una abertura amplia deja pasar demasiado apenas abierta: solo un cono dosificador ajusta fino el flujo.',
  'At this pressure a wide opening passes too much when slightly open, and wears there.':
    'A esta presión una abertura amplia deja pasar demasiado apenas abierta, y se gasta ahí.',
  'Ball on steam, to throttle.': 'Bola en vapor, para regular.',
  'Throttled steam cuts the seats of a ball valve.':
    'El vapor estrangulado corta los asientos de una válvula de bola.',
  'Water that attacks brass (dezincification).': 'Agua que ataca el latón (descincificación).',
  'What is the body made of? This water attacks yellow brass.':
    '¿De qué es el cuerpo? Esta agua ataca el latón amarillo.',
  'This water takes the zinc out of yellow brass and leaves it porous and weak.':
    'Esta agua saca el zinc del latón amarillo y lo deja poroso y débil.',
  'Under the plating it is brass, and this water attacks brass: DZR brass or bronze lasts.':
    'Bajo el cromado es latón, y esta agua ataca el latón: el latón DZR o el bronce duran.',
  'This water does not attack {{bodyMaterial}}.': 'Esta agua no ataca {{bodyMaterial}}.',
  'Hard water, a multi-turn type operated less than twice a year.':
    'Agua dura, tipo multivuelta que se opera menos de dos veces al año.',
  'Scale seizes a multi-turn valve that is not operated: it will not close when needed.':
    'El sarro traba una válvula multivuelta que no se opera: no cerrará cuando haga falta.',
  'Scale seizes a multi-turn valve that is not operated: operate it twice a year, or use quarter turn.':
    'El sarro traba una válvula multivuelta que no se opera: opérela dos veces al año, o use cuarto de vuelta.',
  'Chloramine or old rubber.': 'Cloramina o hule viejo.',
  'A rubber washer lasts years here, not decades: stock spares and plan to renew it.':
    'Aquí un empaque de hule dura años, no décadas: tenga repuestos y planee cambiarlo.',
  'Nylon and PTFE outlast rubber in treated water.': 'Nylon y PTFE duran más que el hule en agua tratada.',
  'What is the washer made of? This water ages rubber.': '¿De qué es el empaque? Esta agua envejece el hule.',
  'Plastic stem on a many-turn stop.': 'Vástago de plástico en una llave de muchas vueltas.',
  'A plastic stem may break when somebody is in a hurry.':
    'Un vástago de plástico se puede romper cuando alguien tiene prisa.',
  'A plastic stem may break: turn it gently, without a wrench.':
    'Un vástago de plástico se puede romper: gírelo con cuidado, sin llave de tuercas.',
  'Corrosive liquid.': 'Líquido corrosivo.',
  'What is the body made of? The liquid decides.': '¿De qué es el cuerpo? El líquido decide.',
  'The liquid attacks {{bodyMaterial}}.': 'El líquido ataca {{bodyMaterial}}.',
  '{{bodyMaterial}} is suitable if the maker’s resistance table lists this liquid and concentration.':
    '{{bodyMaterial}}: sirve si la tabla de resistencia del fabricante lista este líquido y concentración.',
  'Oxidiser gas.': 'Gas oxidante.',
  'Its rubber can ignite in an oxidizer.': 'Su hule puede encenderse en un oxidante.',
  'At this pressure particles striking steel or iron can ignite it.':
    'A esta presión partículas que golpean acero o hierro lo pueden encender.',
  'What is the pressure? Steel and iron can ignite in an oxidizer.':
    '¿Cuál es la presión? Acero y hierro pueden encenderse en un oxidante.',
  '{{oxygen}} Open it slowly: a quick lever heats the gas ahead of it.':
    '{{oxygen}} Ábrala despacio: una palanca rápida calienta el gas delante de ella.',
  'PVC or CPVC outdoors.': 'PVC o CPVC a la intemperie.',
  'Sunlight makes plastic brittle and frost cracks it: shade or paint it, and drain it before frost.':
    'El sol hace quebradizo el plástico y la helada lo agrieta: dele sombra o píntelo, y vacíelo antes de la helada.',
  'Stop under a fixture, by the house rule on stops.':
    'Llave bajo un mueble, según la regla de la empresa sobre llaves.',
  'Its small ball closes in one move and needs no washer.':
    'Su bola chica cierra de un movimiento y no necesita empaque.',
  'It costs least, and a new washer renews it.': 'Es la que menos cuesta, y un empaque nuevo la renueva.',
  'Gas cock, where the house rule allows one type only.':
    'Llave de gas, donde la regla de la empresa permite un solo tipo.',
  'Not the type of gas cock the house rule allows.':
    'No es el tipo de llave de gas que permite la regla de la empresa.',
  'Port smaller than the pipe, where the house rule is full port only.':
    'Paso menor que el tubo, donde la regla de la empresa es solo paso completo.',
  'Its bore is smaller than the pipe’s.': 'Su paso es menor que el del tubo.',
  'Fuel gas, to purge.': 'Gas combustible, para purgar.',
  'It takes the wear from the grit of the purge; the valve that must shut off for decades stays clean.':
    'Recibe el desgaste de la arena de la purga; la válvula que debe cerrar por décadas queda limpia.',
  'The house rule is to purge through the permanent valve.':
    'La regla de la empresa es purgar por la válvula permanente.',
  'Buried.': 'Enterrada.',
  'A rising stem cannot be buried: the soil holds it.':
    'Un vástago ascendente no se puede enterrar: la tierra lo sujeta.',
  'How is it operated from above? A buried valve needs an operating nut and a box.':
    '¿Cómo se opera desde arriba? Una válvula enterrada necesita cuadro de operación y caja.',
  'Its handle cannot be reached underground: it needs an operating nut, an extension and a box.':
    'A su maneral no se llega bajo tierra: necesita cuadro de operación, extensión y caja.',
  'Operated with a key through a box. Order stainless or coated bolts with it.':
    'Se opera con llave por una caja. Pídala con tornillos inoxidables o recubiertos.',
  'Buried: check its seals, its bolts and how it is operated.':
    'Enterrada: revise sus sellos, sus tornillos y cómo se opera.',
  'Rising stem.': 'Vástago ascendente.',
  'Its stem rises: measure the clear height above it before you order.':
    'Su vástago sube: mida la altura libre arriba antes de pedirla.',
  'There is not enough height for its stem to rise.': 'No hay bastante altura para que suba su vástago.',
  'The public or livestock can reach it.': 'El público o el ganado la alcanza.',
  'The public can reach it: which handle does it have?': 'El público la alcanza: ¿qué maneral tiene?',
  'Livestock can push a bare lever open or closed.': 'El ganado puede abrir o cerrar una palanca desnuda.',
  'Anybody can operate it: lock it, or use a loose key.':
    'Cualquiera la puede operar: bloquéela, o use llave suelta.',
  'It must hold with the downstream pipe removed.': 'Debe aguantar sin el tubo aguas abajo.',
  'A wafer valve is held by both flanges: if one is removed, it comes loose under pressure.':
    'Una válvula de oblea la sujetan ambas bridas: si se quita una, se suelta bajo presión.',
  'A lug valve holds at the end of a line only if its data sheet rates it for that, often at a lower pressure.':
    'Una válvula orejada aguanta al fin de una línea solo si su hoja técnica la clasifica para ello, muchas veces a menor presión.',
  'A true-union ball valve holds with one side removed only if its seal carrier is blocked: order it that way.':
    'Una bola de unión doble aguanta sin un lado solo si su portasello está bloqueado: pídala así.',
  'It is taken apart for cleaning or repair.': 'Se desarma para limpiar o reparar.',
  'It will be taken apart: how many pieces does its body have?':
    'Se va a desarmar: ¿de cuántas piezas es su cuerpo?',
  'A one-piece body cannot be opened.': 'Un cuerpo de una pieza no se puede abrir.',
  'To open it, the pipe must be taken apart.': 'Para abrirla hay que desarmar el tubo.',
  'The center section swings out and the pipe stays in place.':
    'La sección central sale y el tubo se queda en su lugar.',
  'Two-piece body threaded into pipe that will be unscrewed.':
    'Cuerpo de dos piezas roscado en un tubo que se va a desenroscar.',
  'A wrench on the wrong end unscrews the body instead of the pipe: hold the end on the pipe side.':
    'Una llave en el extremo equivocado desenrosca el cuerpo en lugar del tubo: sujete el extremo del lado del tubo.',
  'Gas shut-off away from its appliance.': 'Llave de gas lejos de su aparato.',
  'Most codes require it within reach of the appliance, in the same room. The local code decides.':
    'Casi todos los códigos la piden al alcance del aparato, en el mismo cuarto. El código local decide.',
  'Taper plug, new work.': 'Macho cónico, obra nueva.',
  'A ground-key cock leaks when its grease is gone: not for new work.':
    'Una llave de macho engrasado tiene fuga cuando se le acaba la grasa: no para obra nueva.',
  'Existing taper plug.': 'Macho cónico existente.',
  'Check that it turns, test it for leaks and recommend its replacement. If it does not turn it must not stay in service.':
    'Revise que gire, pruébela por fugas y recomiende su reemplazo. Si no gira no debe seguir en servicio.',
  'Existing metal-wedge gate that nobody has operated.':
    'Compuerta de cuña de metal existente que nadie ha operado.',
  'Do not force it. Use the next valve upstream, the main valve in the street if necessary.':
    'No la fuerce. Use la siguiente válvula aguas arriba, la principal de la calle si hace falta.',
  'Ball valve outdoors on water near freezing.':
    'Válvula de bola a la intemperie con agua cerca de congelarse.',
  'Water enclosed in the ball freezes and splits the body: drain it half open before frost.':
    'El agua encerrada en la bola se congela y parte el cuerpo: vacíela a medio abrir antes de la helada.',
  'What is its rating at this temperature and size? Read its tag or data sheet.':
    '¿Cuál es su presión nominal a esta temperatura y tamaño? Lea su etiqueta u hoja técnica.',
  'Which plastic is the body? Its rating falls with temperature, by material.':
    '¿De qué plástico es el cuerpo? Su presión nominal baja con la temperatura, según el material.',
  'What is the highest pressure here? The rating cannot be checked without it.':
    '¿Cuál es la presión más alta aquí? Sin ella no se puede revisar la presión nominal.',
  'How hot does it get here? The rating depends on it.':
    '¿Qué tanto se calienta aquí? De eso depende la presión nominal.',
  'What flow does the machine make? Read its plate: the bore follows from it.':
    '¿Qué flujo da la máquina? Lea su placa: de él sale el paso.',
  'What is its bore? The flow needs the bore, whatever the thread size.':
    '¿Qué paso tiene? El flujo necesita el paso, sea cual sea la rosca.',
  'The bore is small for this flow: it heats the water and takes pressure from the gun.':
    'El paso es chico para este flujo: calienta el agua y quita presión a la pistola.',
  'Pressure against the rating of the weakest part, body or joints, at the temperature.':
    'Presión contra la presión nominal de la parte más débil, cuerpo o uniones, a la temperatura.',
  'The {{governing}} is not rated at this temperature.':
    'Sin presión nominal a esta temperatura: {{governing}}.',
  'The pressure exceeds the rating of the {{governing}}.':
    'La presión pasa de la presión nominal: {{governing}}.',
  'No valve of this plastic carries the pressure at this temperature.':
    'Ninguna válvula de este plástico aguanta la presión a esta temperatura.',
  'The pressure is at the rating of the {{governing}}: nothing is left for surges.':
    'La presión está en la presión nominal ({{governing}}): no queda nada para golpes de presión.',
  'The {{governing}} is near its rating: allow for surges.':
    'Cerca de su presión nominal ({{governing}}): cuente con golpes de presión.',
  'PVC above 60 °C, CPVC above 93 °C.': 'PVC arriba de 60 °C, CPVC arriba de 93 °C.',
  'How hot does it get here? Plastic softens.': '¿Qué tanto se calienta aquí? El plástico se ablanda.',
  'This plastic softens at this temperature, whatever its rating.':
    'Este plástico se ablanda a esta temperatura, sea cual sea su presión nominal.',
  "Temperature against the seat's or disc's limit.": 'Temperatura contra el límite del asiento o disco.',
  'How hot does it get here? The seat has a limit.':
    '¿Qué tanto se calienta aquí? El asiento tiene un límite.',
  'Above its limit {{weakest}} seat swells and the valve cannot be operated.':
    'Arriba de su límite un asiento de {{weakest}} se hincha y la válvula no se puede operar.',
  'Which rubber is it? At this temperature the rubber decides.':
    '¿Qué hule es? A esta temperatura el hule decide.',
  'What is the seat made of? At this temperature the seat decides.':
    '¿De qué es el asiento? A esta temperatura el asiento decide.',
  '{{what}} the temperature limit of {{weakest}} seat: expect a stiff handle and a short life.':
    '{{what}} el límite de temperatura de un asiento de {{weakest}}: espere un maneral duro y una vida corta.',
  At: 'En',
  'Close to': 'Cerca de',
  'High-pressure wash: a rating 10 % over the machine, and a bore for the flow.':
    'Lavado a alta presión: presión nominal 10 % arriba de la máquina, y un paso para el flujo.',
  'Plastic is not for high-pressure wash lines.': 'El plástico no es para líneas de lavado a alta presión.',
  'The {{governing}} is rated below the pressure of the machine.':
    'Con presión nominal menor que la presión de la máquina: {{governing}}.',
  'What pressure does the machine make? Read its plate.': '¿Qué presión da la máquina? Lea su placa.',
  'The {{governing}} should be rated 10 % above the pressure of the machine.':
    'La presión nominal debe quedar 10 % arriba de la presión de la máquina: {{governing}}.',
  'A shut-off on a high-pressure wash line.': 'Una llave de cierre en una línea de lavado a alta presión.',
  'Once it is closed the hose stays at full pressure: stop the machine and pull the trigger before a gun or hose is changed.':
    'Ya cerrada, la manguera sigue con toda la presión: pare la máquina y apriete el gatillo antes de cambiar pistola o manguera.',
  'Rubber on steam.': 'Hule en vapor.',
  '{{gone}} is not suitable for steam: it hardens and fails.':
    '{{gone}}: no sirve para vapor, se endurece y falla.',
  'What is the seat made of? Few rubbers are suitable for steam.':
    '¿De qué es el asiento? Pocos hules sirven para vapor.',
  'EPDM hardens and cracks on {{words}} in about ten years: plan its renewal.':
    'El EPDM se endurece y se agrieta con {{words}} en unos diez años: planee cambiarlo.',
  'Relief valve, by its set pressure.': 'Válvula de alivio, por su presión de ajuste.',
  'At what pressure does it open? Order it by its set pressure.':
    '¿A qué presión abre? Pídala por su presión de ajuste.',
  'It opens above what the weakest part it protects can carry.':
    'Abre arriba de lo que aguanta la parte más débil que protege.',
  'It opens at the working pressure and never closes.': 'Abre a la presión de trabajo y nunca cierra.',
  'Relief valve on heated water or steam, by its capacity.':
    'Válvula de alivio en agua caliente o vapor, por su capacidad.',
  'How much heat goes in? Read the plate of the heater or boiler.':
    '¿Cuánto calor entra? Lea la placa del calentador o la caldera.',
  'What can it relieve? Order it by its capacity.': '¿Cuánto puede aliviar? Pídala por su capacidad.',
  'It relieves less heat than goes in.': 'Alivia menos calor del que entra.',
  'Relief valve on hot drinking water.': 'Válvula de alivio en agua potable caliente.',
  'Does it open by temperature too? A water heater needs both.':
    '¿Abre también por temperatura? Un calentador de agua necesita ambas.',
  'It opens by pressure alone: a water heater needs one that opens by temperature too.':
    'Abre solo por presión: un calentador de agua necesita una que abra también por temperatura.',
  'Pressure reducer, by supply and outlet pressure.':
    'Reductora de presión, por suministro y presión de salida.',
  'Which pressure is wanted beyond it?': '¿Qué presión se quiere después de ella?',
  'The supply is at or under the pressure wanted beyond it: it has nothing to reduce.':
    'El suministro está en o bajo la presión que se quiere después: no tiene nada que reducir.',
  'The supply is hardly above the pressure wanted beyond it: under flow it falls below.':
    'El suministro está apenas arriba de la presión que se quiere después: con flujo cae más abajo.',
  'More than four to one in one step is noisy and wears the seat: use two in series.':
    'Más de cuatro a uno en un paso hace ruido y gasta el asiento: use dos en serie.',
  'Every type, by what flows.': 'Cada tipo, por lo que fluye.',
  'This type is not made for {{words}}.': 'Este tipo no está hecho para {{words}}.',
  'On {{words}} only with an approval or a rating for it. {{why}}':
    'Con {{words}} solo con aprobación o presión nominal para ello. {{why}}',
  'This type needs an approval or a rating for {{words}}, and this valve has none.':
    'Este tipo necesita aprobación o presión nominal para {{words}}, y esta válvula no la tiene.',
  'A size the type is not usually made in.': 'Un tamaño en que no se suele fabricar el tipo.',
  'This type is not made in so {{size}} a size.': 'Este tipo no se fabrica en tamaño tan {{size}}.',
  'This type is not usually made in so {{size}} a size: check the maker’s sheet.':
    'Este tipo no se suele fabricar en tamaño tan {{size}}: revise la hoja del fabricante.',
  'Three-way valve, to shut off.': 'Válvula de tres vías, para cerrar el paso.',
  'A three-way valve diverts: one port always stays open, so it shuts nothing off.':
    'Una válvula de tres vías desvía: un puerto siempre queda abierto, así que no cierra nada.',
  'A valve on steam without an approval or a rating for steam.':
    'Una válvula en vapor sin aprobación ni presión nominal para vapor.',
  'A ball valve approved for gas and not for steam: its seats are made for cold gas.':
    'Una válvula de bola aprobada para gas y no para vapor: sus asientos están hechos para gas frío.',
  'Is it approved for steam? Read its tag for a steam rating (WSP or SWP).':
    '¿Está aprobada para vapor? Lea en su etiqueta la presión de vapor (WSP o SWP).',
  'It carries no approval for steam and no rating at this temperature: ask the maker for its steam rating.':
    'No tiene aprobación para vapor ni presión nominal a esta temperatura: pida al fabricante su presión de vapor.',
  'What flow goes through here? Stopped fast, it could exceed the limit.':
    '¿Qué flujo pasa por aquí? Parado rápido, podría pasar del límite.',
  'How long is the run back to the main, tank or riser? Stopped fast, it could exceed the limit.':
    '¿Qué tan largo es el tramo hasta la línea principal, tanque o montante? Parado rápido, podría pasar del límite.',
  'Closed fast, this run has water hammer: which operator does it have?':
    'Cerrada rápido, este tramo tiene golpe de ariete: ¿qué operador tiene?',
  'Closed fast, this run has water hammer: how long does it take to close?':
    'Cerrada rápido, este tramo tiene golpe de ariete: ¿cuánto tarda en cerrar?',
  'Any valve that is closed, on a liquid line: the peak of its closing against the weakest part.':
    'Cualquier válvula que se cierra, en una línea de líquido: el pico de su cierre contra la parte más débil.',
  'Even with nothing moving the pressure is more than the weakest stop or hose on this line carries.':
    'Aun sin que nada se mueva la presión es más de lo que aguanta la llave o manguera más débil de esta línea.',
  'Closed in its own time, water hammer comes near the limit: close it slowly.':
    'Cerrada en su propio tiempo, el golpe de ariete se acerca al límite: ciérrela despacio.',
  'Closed in the given time, water hammer exceeds the limit.':
    'Cerrada en el tiempo dado, el golpe de ariete pasa del límite.',
  'Closed in its own time, water hammer exceeds the limit: close it slower.':
    'Cerrada en su propio tiempo, el golpe de ariete pasa del límite: ciérrela más despacio.',
  'Buried drinking-water or hydrant main, DN80 to 300 or from DN350.':
    'Línea principal de agua potable o hidrantes enterrada, DN80 a 300 o desde DN350.',
  'The usual mains valve in this size: smooth bore, tight, operated with a key.':
    'La válvula usual de líneas principales en este tamaño: paso liso, hermética, se opera con llave.',
  'The lighter and cheaper mains valve in this size.':
    'La válvula de líneas principales más ligera y barata en este tamaño.',
  'Butterfly on clean water from DN80.': 'Mariposa en agua limpia desde DN80.',
  'Light, economical in large sizes, and it can throttle.':
    'Ligera, económica en tamaños grandes, y puede regular.',
  'Eccentric plug on waste.': 'Macho excéntrico en aguas residuales.',
  'Install it with the shaft level so that the plug swings up to the top, and the end marked SEAT upstream: grit then stays clear of it.':
    'Instálela con el eje a nivel para que el macho gire hacia arriba, y el extremo marcado SEAT aguas arriba: así la arena no llega a él.',
  'Ball or butterfly downstream of a pump that starts and stops.':
    'Bola o mariposa aguas abajo de una bomba que arranca y para.',
  'It operates with every pump start: what operates it, and how slowly?':
    'Opera con cada arranque de la bomba: ¿qué la opera, y qué tan despacio?',
  'A lever cannot be moved slowly each time the pump stops: it needs a slow actuator.':
    'Una palanca no se puede mover despacio cada vez que para la bomba: necesita un actuador lento.',
  'How long does its actuator take to close? It stops the flow each time the pump stops.':
    '¿Cuánto tarda su actuador en cerrar? Detiene el flujo cada vez que para la bomba.',
  'A slow, adjustable actuator starts and stops the flow gently.':
    'Un actuador lento y ajustable arranca y detiene el flujo con suavidad.',
  'Its actuator is fast: set it to a closing time that keeps the surge within the limit.':
    'Su actuador es rápido: póngale un tiempo de cierre que deje el golpe dentro del límite.',
  'Butterfly or plug from DN200, ball from DN150, with a lever.':
    'Mariposa o macho desde DN200, bola desde DN150, con palanca.',
  'Too large for a lever: the flow can pull it out of your hand. Order a gear operator.':
    'Demasiado grande para palanca: el flujo se la puede arrancar de la mano. Pida operador de engranes.',
  'Its seat and stem are not what this service usually gets: use it only with the maker’s consent.':
    'Su asiento y vástago no son lo usual para este servicio: úsela solo con el visto bueno del fabricante.',
  'Its disc stands in the water: scale and threads catch on it.':
    'Su disco queda en el agua: sarro e hilos se enredan en él.',
  'Grit in irrigation water cuts the washer: plan to renew it.':
    'La arena del agua de riego corta el empaque: planee cambiarlo.',
  'Grit in irrigation water scores its small ball: put a strainer before it.':
    'La arena del agua de riego raya su bola chica: ponga un filtro antes.',
  'It costs pressure that the sprinklers need, and few are listed.':
    'Cuesta presión que los aspersores necesitan, y pocas están listadas.',
  'It costs pressure, and it closes in many turns.': 'Cuesta presión, y cierra con muchas vueltas.',
  'Use it only with a rating for the machine’s pressure.':
    'Úsela solo con presión nominal para la presión de la máquina.',
  'Its loss is high: few are listed for fire lines.':
    'Su pérdida es alta: pocas están listadas para líneas contra incendio.',
  'Its disc chatters in gas.': 'Su disco traquetea en gas.',
  'Only in metal, cleaned for the service.': 'Solo en metal, limpia para el servicio.',
  'Heat tires its spring.': 'El calor cansa su resorte.',
  'It chatters in a gas that pulses.': 'Traquetea en un gas que pulsa.',
  'The cavity around the ball holds solids: only in full port, exercised often.':
    'La cavidad alrededor de la bola retiene sólidos: solo en paso completo, ejercitada seguido.',
  'Heat hardens its seats: only with a steam rating.':
    'El calor endurece sus asientos: solo con presión nominal de vapor.',
  'Only cleaned for the service, and opened slowly.': 'Solo limpia para el servicio, y abierta despacio.',
  'It leaks across while it turns.': 'Deja pasar mientras gira.',
  'Solids settle in its seat pocket.': 'Los sólidos se asientan en su ranura.',
  'Metal seats leak some gas when closed.': 'Asientos de metal dejan pasar algo de gas cerrados.',
  'Metal seats leak some air when closed.': 'Asientos de metal dejan pasar algo de aire cerrados.',
  'The slot holds liquid: drain it before opening.': 'La ranura retiene líquido: vacíela antes de abrir.',
  'Grit cuts the rubber of its wedge.': 'La arena corta el hule de su cuña.',
  'It seals in one direction, and its packing weeps.': 'Sella en un sentido, y su empaque rezuma.',
  'It passes little and closes in many turns.': 'Deja pasar poco y cierra con muchas vueltas.',
  'Its disc stays in the flow and catches what passes the screen.':
    'Su disco queda en el flujo y atrapa lo que pasa la rejilla.',
  'Its seat is in the flow and wears.': 'Su asiento está en el flujo y se gasta.',
  'It leaks by: for throttling only.': 'Deja pasar: solo para regular.',
  'It leaks by when closed.': 'Deja pasar cerrada.',
  'It leaks by, and its disc catches what passes the screen.':
    'Deja pasar, y su disco atrapa lo que pasa la rejilla.',
  'Only where it is there already: it leaks when its grease is gone.':
    'Solo donde ya está: tiene fuga cuando se le acaba la grasa.',
  'Its sealant washes out: it needs service every year.': 'Su sellador se lava: necesita servicio cada año.',
  'Its sealant gets into the drinking water.': 'Su sellador llega al agua potable.',
  'It is dearer than a gate or butterfly and gains nothing on clean water.':
    'Es más cara que una compuerta o mariposa y no gana nada en agua limpia.',
  'Its facing is made for water: only one approved for gas.':
    'Su forro está hecho para agua: solo una aprobada para gas.',
  'Its facing is made for water.': 'Su forro está hecho para agua.',
  'Its facing decides: see the maker’s resistance table.':
    'Su forro decide: vea la tabla de resistencia del fabricante.',
  'The weir narrows its passage: compare it with the solids the pump passes.':
    'El vertedero angosta su paso: compárelo con los sólidos que pasa la bomba.',
  'Grit holds its pilot open: put a strainer before it.':
    'La arena deja abierto su piloto: ponga un filtro antes.',
  'It closes without power: who turns the gas on again must be licensed.':
    'Cierra sin corriente: quien vuelve a abrir el gas debe tener licencia.',
  'Heat ages its coil and seat.': 'El calor envejece su bobina y su asiento.',
  'Its disc flutters in gas.': 'Su disco vibra en gas.',
  'What passes the screen catches on its hinge.': 'Lo que pasa la rejilla se enreda en su bisagra.',
  'Its springs flutter in gas.': 'Sus resortes vibran en gas.',
  'Heat tires its springs.': 'El calor cansa sus resortes.',
  'Few are listed for fire lines.': 'Pocas están listadas para líneas contra incendio.',
  'Only with an approval or a rating for it.': 'Solo con aprobación o presión nominal para ello.',
};
