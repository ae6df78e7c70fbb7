import type { Sentences } from '../../language-table.js';

/** What the server says, and what stands in the files it writes. */
export const server: Sentences = {
  'The catalogue has changed since you checked the list. Check it again.':
    'El catálogo cambió desde que revisó la lista. Revísela otra vez.',
  '{{maker}} {{model}} was changed by somebody else in the meantime. Reload it, then enter your change again.':
    'Otra persona cambió {{maker}} {{model}} mientras tanto. Vuelva a cargarlo y anote su cambio otra vez.',
  'DN{{dn}} appears twice. Keep one of them.': 'DN{{dn}} aparece dos veces. Deje uno.',
  '{{maker}} {{model}} is already in the catalogue. Change that model, or give this one another name.':
    '{{maker}} {{model}} ya está en el catálogo. Cambie ese modelo, o dé otro nombre a este.',
  '{{row}} was changed since. Check it as it is now, and change it by hand.':
    '{{row}} cambió desde entonces. Véalo como está ahora y cámbielo a mano.',
  'That model is no longer in the catalogue. Reload the line-up.':
    'Ese modelo ya no está en el catálogo. Vuelva a cargar la comparación.',
  'The list has {{length}} models: import at most {{most_models}} at once.':
    'La lista tiene {{length}} modelos: importe como máximo {{most_models}} de una vez.',
  'This is not a JSON file: import a list of models as the catalogue exports it.':
    'Este no es un archivo JSON: importe una lista de modelos como la exporta el catálogo.',
  'Import a list of models as the catalogue exports it.':
    'Importe una lista de modelos como la exporta el catálogo.',
  '{{model}} appears twice: keep one.': '{{model}} aparece dos veces: deje uno.',
  '{{model}} has a size twice: keep one.': '{{model}} tiene un tamaño dos veces: deje uno.',
  'This session has ended already.': 'Esta sesión ya terminó.',
  'This link was used, replaced or is over a day old. Ask the owner for a new one.':
    'Este enlace ya se usó, se reemplazó o tiene más de un día. Pida uno nuevo al dueño.',
  'That invitation is no longer open.': 'Esa invitación ya no está abierta.',
  'A company needs an owner. Make another person owner first.':
    'Una empresa necesita un dueño. Haga dueña a otra persona primero.',
  'The role of {{name}} was changed in the meantime. Reload it, then change it again.':
    'La función de {{name}} cambió mientras tanto. Vuelva a cargarla y cámbiela otra vez.',
  'This invitation was used, withdrawn or is over a week old. Ask for a new link.':
    'Esta invitación ya se usó, se retiró o tiene más de una semana. Pida un enlace nuevo.',
  'That person is not in the company.': 'Esa persona no está en la empresa.',
  'People in the demo company have no password, and no second factor.':
    'Las personas de la empresa de prueba no tienen contraseña ni segundo factor.',
  'This person has no second factor.': 'Esta persona no tiene segundo factor.',
  'Enter the six digits that your phone shows for Grevik, or a code for a lost phone.':
    'Escriba los seis dígitos que su teléfono muestra para Grevik, o un código para un teléfono perdido.',
  'This code is wrong, used or too old. Wait for the next one on your phone, and check that its clock is right.':
    'Este código está mal, ya se usó o es demasiado viejo. Espere el siguiente en su teléfono, y revise que su reloj esté bien.',
  'The second factor is on already. Turn it off first to use another phone.':
    'El segundo factor ya está activado. Desactívelo primero para usar otro teléfono.',
  'You belong to more than one company with this e-mail and password: enter one of {{join}}.':
    'Usted está en más de una empresa con este correo y contraseña: escriba una de {{join}}.',
  'There is no demo company on this server. Sign in, or create your own company.':
    'En este servidor no hay empresa de prueba. Inicie sesión, o cree su propia empresa.',
  'New companies cannot be created on this server. Ask the owner of your company for an invitation.':
    'En este servidor no se pueden crear empresas. Pida una invitación al dueño de su empresa.',
  'People of the demo company have no password to change.':
    'Las personas de la empresa de prueba no tienen contraseña que cambiar.',
  'That is not your current password.': 'Esa no es su contraseña actual.',
  'Somebody in this company has already joined with {{toLowerCase}}. Sign in with it, or use another address.':
    'Alguien de esta empresa ya entró con {{toLowerCase}}. Inicie sesión con ese correo, o use otro.',
  'E-mail or password is wrong. Check both and try again.':
    'El correo o la contraseña está mal. Revise ambos e intente de nuevo.',
  'Sign in to continue.': 'Inicie sesión para seguir.',
  'People in the demo company cannot be changed. Create your own company to invite people.':
    'Las personas de la empresa de prueba no se pueden cambiar. Cree su propia empresa para invitar personas.',
  'Your role, {{role}}, cannot {{words}}. Ask {{join}}.':
    'Su función, {{role}}, no puede: {{words}}. Pida a {{join}}.',
  'Nobody may do this.': 'Nadie puede hacer esto.',
  'look at jobs, lines and the catalogue': 'ver obras, líneas y el catálogo',
  'add entries at a position': 'agregar anotaciones en una posición',
  'change the duty of a position': 'cambiar el servicio de una posición',
  'pick valves': 'elegir válvulas',
  'create jobs and import walk lists': 'crear obras e importar listas de recorrido',
  'walk lines': 'recorrer líneas',
  'change house rules': 'cambiar reglas de la empresa',
  'add, change and retire models of the catalogue': 'agregar, cambiar y retirar modelos del catálogo',
  'request quotes, place and send orders': 'pedir cotizaciones, hacer y enviar pedidos',
  'receive what was ordered': 'recibir lo pedido',
  'register devices and give them keys': 'dar de alta aparatos y darles claves',
  'plan rounds': 'planear rondas',
  'send drills and see who is ready for what': 'enviar ejercicios y ver quién está listo para qué',
  'see what runs by itself, cancel it and begin it again':
    'ver lo que corre por sí mismo, cancelarlo y empezarlo otra vez',
  'invite people and change roles': 'invitar personas y cambiar funciones',
  'That is not one of your last {{undo_depth}} changes. Change it by hand.':
    'Ese no es uno de sus últimos {{undo_depth}} cambios. Cámbielo a mano.',
  'That change is already undone.': 'Ese cambio ya está deshecho.',
  'Import the walk list again.': 'Importe otra vez la lista de recorrido.',
  'The database does not answer, so this is not confirmed. Send it again in a moment: nothing is stored twice.':
    'La base de datos no contesta, así que esto no está confirmado. Envíelo otra vez en un momento: nada se guarda dos veces.',
  'The database is busy and nothing was saved. Send it again in a moment.':
    'La base de datos está ocupada y no se guardó nada. Envíelo otra vez en un momento.',
  'The disk of the database is full and nothing was saved. Free some space, then send it again.':
    'El disco de la base de datos está lleno y no se guardó nada. Libere espacio y envíelo otra vez.',
  'Something with the same id or name is stored already, perhaps a moment ago. Nothing was saved. Reload, and enter it again if it is missing.':
    'Ya hay algo guardado con el mismo id o nombre, quizá hace un momento. No se guardó nada. Vuelva a cargar, y anótelo otra vez si falta.',
  'Grevik could not finish this. Check whether it was saved before you send it again. If it happens again, quote the reference.':
    'Grevik no pudo terminar esto. Revise si se guardó antes de enviarlo otra vez. Si vuelve a pasar, dé la referencia.',
  'The request is too large: send it in parts.': 'La petición es demasiado grande: envíela en partes.',
  'The request cannot be read.': 'La petición no se puede leer.',
  'This server is ending. Ask another one.': 'Este servidor está terminando. Pregunte a otro.',
  'You have {{length}} pages of Grevik open here: close some, so that this one is kept up to date.':
    'Tiene {{length}} páginas de Grevik abiertas aquí: cierre algunas, para que esta siga al día.',
  '{{field}} is {{sent}}, which is in the future: check the clock of the device.':
    '{{field}} es {{sent}}, que está en el futuro: revise el reloj del aparato.',
  'The request was interrupted. Send it again.': 'La petición se interrumpió. Envíela otra vez.',
  'This was sent from a page of another site. Open Grevik at its own address.':
    'Esto se envió desde una página de otro sitio. Abra Grevik en su propia dirección.',
  'Too many attempts. Wait {{what}}, then try again.':
    'Demasiados intentos. Espere {{what}} e intente de nuevo.',
  'That password is too common. Use a few words that do not belong together.':
    'Esa contraseña es demasiado común. Use unas palabras que no vayan juntas.',
  'The file unpacks to more than {{most_bytes}} MB: save the order sheet alone, without pictures.':
    'El archivo se desempaca a más de {{most_bytes}} MB: guarde solo la hoja de pedido, sin imágenes.',
  'This is not an XLSX file: save the order sheet as XLSX and import that.':
    'Este no es un archivo XLSX: guarde la hoja de pedido como XLSX e impórtela.',
  'Too many of your calculations are waiting. Wait until some are done, then send this again.':
    'Demasiados cálculos suyos están en espera. Espere a que terminen algunos y envíelo otra vez.',
  'This takes longer than {{mostMs}} s. {{insteadOfLong}}':
    'Esto tarda más de {{mostMs}} s. {{insteadOfLong}}',
  'This takes more than {{memory_mb}} MB of memory. {{insteadOfLong}}':
    'Esto toma más de {{memory_mb}} MB de memoria. {{insteadOfLong}}',
  'Import the list in parts.': 'Importe la lista en partes.',
  '“{{tag}}” is not a position of this job.': '“{{tag}}” no es una posición de esta obra.',
  '“{{tag}}” is placed twice.': '“{{tag}}” está puesta dos veces.',
  'Export the job without its photos, or in smaller jobs.':
    'Exporte la obra sin sus fotos, o en obras más chicas.',
  'Open the lines one by one: each line-up says what to ask first.':
    'Abra las líneas una por una: cada comparación dice qué preguntar primero.',
  Year: 'Año',
  Where: 'Dónde',
  Type: 'Tipo',
  'Fails within a year, %': 'Falla en un año, %',
  'A failure costs': 'Una falla cuesta',
  'Replacing costs': 'Reemplazar cuesta',
  'Rests on': 'Se basa en',
  'has failed': 'falló',
  'not known': 'desconocido',
  Budget: 'Presupuesto',
  'not planned': 'sin planear',
  Years: 'Años',
  Money: 'Dinero',
  Replacements: 'Reemplazos',
  'Failures to expect': 'Fallas que esperar',
  'They cost': 'Cuestan',
  'Must not wait': 'No debe esperar',
  'Working hour': 'Hora de trabajo',
  'Emergency call, on top': 'Llamada de emergencia, además',
  'Hours of an emergency against planned ones': 'Horas de una emergencia frente a las planeadas',
  'Damage where the shut-off before it does not turn': 'Daño donde la llave de cierre anterior no gira',
  'Discount a year': 'Descuento por año',
  'Age of valves nobody knows the age of': 'Edad de válvulas cuya edad nadie sabe',
  'A failure wets {{wets}}': 'Una falla moja {{wets}}',
  '{{cost}} {{currency}}, {{chance}} % of failures flood':
    '{{cost}} {{currency}}, {{chance}} % de las fallas inundan',
  Lives: 'Vidas',
  'Judgements from practice, corrected by own valves: a range, not a promise':
    'Juicios de la práctica, corregidos con válvulas propias: un rango, no una promesa',
  'Budget of {{title}}': 'Presupuesto de {{title}}',
  'Replacement of valves: {{title}}': 'Reemplazo de válvulas: {{title}}',
  'Must not wait, whatever the money': 'No debe esperar, cueste lo que cueste',
  'Year by year': 'Año por año',
  "Today's value of all of it: {{presentCost}}; with no planned replacement {{withoutPlanCost}}. No plan within this money is more than {{toFixed}} % better.":
    'Valor de hoy de todo: {{presentCost}}; sin reemplazo planeado {{withoutPlanCost}}. Ningún plan con este dinero es más de {{toFixed}} % mejor.',
  Planned: 'Planeado',
  'Fails within a year': 'Falla en un año',
  Figure: 'Valor',
  'Taken as': 'Se toma como',
  'Owner or manager: ______________________': 'Dueño o administrador: ______________________',
  'Date: ______________': 'Fecha: ______________',
  'Ask for the budget of one job.': 'Pida el presupuesto de una sola obra.',
  'This budget was changed by somebody else in the meantime. Reload it, then change it again.':
    'Otra persona cambió este presupuesto mientras tanto. Vuelva a cargarlo y cámbielo otra vez.',
  'That budget was changed in the meantime. Change it by hand.':
    'Ese presupuesto cambió mientras tanto. Cámbielo a mano.',
  'Ask for one job.': 'Pida una sola obra.',
  'What gets wet there was changed in the meantime. Change it by hand.':
    'Lo que se moja ahí cambió mientras tanto. Cámbielo a mano.',
  'sentAt is {{sentAt}}: the device’s clock is {{aheadMs}} {{what}} the server’s. Set its clock. Nothing is stored until it is right.':
    'sentAt es {{sentAt}}: el reloj del aparato va {{aheadMs}} {{what}} del servidor. Ajuste su reloj. Nada se guarda hasta que esté bien.',
  'ahead of': 'adelante',
  'The loggers of the demo company are played for every visitor: they stay.':
    'Los registradores de la empresa de prueba se simulan para cada visitante: se quedan.',
  '{{name}} is reading {{lineName}}. Stop that reading first.':
    '{{name}} está leyendo {{lineName}}. Pare primero esa lectura.',
  '{{name}} records the station of {{tag}}. Remove it there first.':
    '{{name}} registra la estación de {{tag}}. Quítelo ahí primero.',
  'in use': 'en uso',
  'This device was not found. Open the page of devices again.':
    'No se encontró este aparato. Abra otra vez la página de aparatos.',
  'Answer it again in a minute.': 'Contéstelo otra vez en un minuto.',
  'This person was not found.': 'No se encontró a esta persona.',
  'personIds names somebody who is not in this company.':
    'personIds nombra a alguien que no está en esta empresa.',
  'This drill was not found.': 'No se encontró este ejercicio.',
  'This interval is no longer set. Reload the page.':
    'Este intervalo ya no está fijado. Vuelva a cargar la página.',
  'This job was not found. Open the list of jobs again.':
    'No se encontró esta obra. Abra otra vez la lista de obras.',
  'That interval was changed in the meantime. Reload it, then change it again.':
    'Ese intervalo cambió mientras tanto. Vuelva a cargarlo y cámbielo otra vez.',
  'There is already a job called “{{name}}”. Rename one of them.':
    'Ya hay una obra llamada “{{name}}”. Cambie el nombre de una.',
  'This job was not found. Open the list of jobs.': 'No se encontró esta obra. Abra la lista de obras.',
  'There is already a job called “{{trim}}”. Enter another name.':
    'Ya hay una obra llamada “{{trim}}”. Escriba otro nombre.',
  'The house rules of {{name}} were changed in the meantime. Reload them, then change them again.':
    'Las reglas de {{name}} cambiaron mientras tanto. Vuelva a cargarlas y cámbielas otra vez.',
  'all jobs': 'todas las obras',
  'There is already a line called “{{trim}}”. Enter another name.':
    'Ya hay una línea llamada “{{trim}}”. Escriba otro nombre.',
  'The facts of {{name}} were changed since. Check them as they are now.':
    'Los datos de {{name}} cambiaron desde entonces. Véalos como están ahora.',
  'This line was not found. Open the job again.': 'No se encontró esta línea. Abra la obra otra vez.',
  'Pressure ({{pressure}})': 'Presión ({{pressure}})',
  'Temperature ({{temperature}})': 'Temperatura ({{temperature}})',
  'Flow ({{flow}})': 'Flujo ({{flow}})',
  'Price ({{currency}})': 'Precio ({{currency}})',
  'This order line was not found. Open the orders again.':
    'No se encontró este renglón. Abra los pedidos otra vez.',
  'This order was not found. Open the orders again.':
    'No se encontró este pedido. Abra los pedidos otra vez.',
  'Somebody changed this order in the meantime. Reload it.':
    'Alguien cambió este pedido mientras tanto. Vuelva a cargarlo.',
  'Somebody changed “{{slice}}” in the meantime. Reload it.':
    'Alguien cambió “{{slice}}” mientras tanto. Vuelva a cargarlo.',
  'This order is {{state}}: withdraw it before it is changed.':
    'Este pedido está {{state}}: retírelo antes de cambiarlo.',
  'Nothing is on order yet.': 'Todavía no hay nada pedido.',
  'draft, not sent': 'borrador, sin enviar',
  'partly received': 'recibido en parte',
  'not quoted': 'sin cotizar',
  'No supplier yet': 'Sin proveedor todavía',
  'These lines have no supplier yet: place them first.':
    'Estos renglones todavía no tienen proveedor: elíjalo primero.',
  'This order is {{state}}: only a sent order can be received.':
    'Este pedido está {{state}}: solo se puede recibir un pedido enviado.',
  'These order lines were changed since. Check them as they are now, and change them by hand.':
    'Estos renglones cambiaron desde entonces. Véalos como están ahora y cámbielos a mano.',
  'Order in smaller jobs.': 'Pida en obras más chicas.',
  'Practice faults are for the demo company. Leave practice out.':
    'Las fallas de práctica son para la empresa de prueba. No ponga practice.',
  'No answer within {{patience_ms}} s. Request again, or call the supplier.':
    'Sin respuesta en {{patience_ms}} s. Pida otra vez, o llame al proveedor.',
  'The connection was lost before the answer arrived. Request again.':
    'La conexión se perdió antes de que llegara la respuesta. Pida otra vez.',
  'The supplier refused the request ({{status}}).': 'El proveedor rechazó la petición ({{status}}).',
  'The answer cannot be read{{where}}. Request again, or call the supplier.':
    'La respuesta no se puede leer{{where}}. Pida otra vez, o llame al proveedor.',
  'The answer has more than {{most_bytes}} bytes. Request again, or call the supplier.':
    'La respuesta tiene más de {{most_bytes}} bytes. Pida otra vez, o llame al proveedor.',
  'This photo was not found.': 'No se encontró esta foto.',
  'Print the page instead.': 'Imprima la página.',
  '{{name}} decided this already. Call {{companyName}} to change it.':
    '{{name}} ya decidió esto. Llame a {{companyName}} para cambiarlo.',
  'The position was removed in the meantime.': 'La posición se quitó mientras tanto.',
  'Accepted by {{name}} on the page of {{slice}}: {{what}}, {{whole}} in whole.':
    'Aceptado por {{name}} en la página del {{slice}}: {{what}}, {{whole}} en total.',
  'Accepted by {{name}}': 'Aceptado por {{name}}',
  '{{name}} was told, and wants nothing done: {{found}} {{canHappen}} {{ifNothing}}':
    'Se informó a {{name}}, y no quiere que se haga nada: {{found}} {{canHappen}} {{ifNothing}}',
  'This link does not exist, was withdrawn or has run out. Ask the company that sent it for another one.':
    'Este enlace no existe, se retiró o venció. Pida otro a la empresa que lo envió.',
  '{{jobName}}: for the owner': '{{jobName}}: para el propietario',
  'From {{madeBy}}, {{slice}}.': 'De {{madeBy}}, {{slice}}.',
  'Prices are {{what}} and stand until {{slice}}. Figures on what can happen are estimates. Local code and whoever is licensed for the work decide what has to be done.':
    'Los precios son {{what}} y valen hasta el {{slice}}. Los valores de lo que puede pasar son estimaciones. El código local y quien tiene licencia para el trabajo deciden lo que hay que hacer.',
  'without tax': 'sin impuesto',
  'with {{toFixed}} % of tax': 'con {{toFixed}} % de impuesto',
  'What is there: {{words}}.': 'Lo que hay: {{words}}.',
  'What can happen, and what that costs': 'Qué puede pasar, y cuánto cuesta',
  'What can be done': 'Qué se puede hacer',
  Option: 'Opción',
  Valve: 'Válvula',
  Parts: 'Piezas',
  Work: 'Trabajo',
  'In whole': 'En total',
  'If nothing is done': 'Si no se hace nada',
  '{{name}} decided on {{slice}}: {{name2}}.': '{{name}} decidió el {{slice}}: {{name2}}.',
  'nothing is done': 'no se hace nada',
  'Accepted: option ____   /   none: ____': 'Aceptado: opción ____   /   ninguna: ____',
  'Name: __________________': 'Nombre: __________________',
  'Date: __________': 'Fecha: __________',
  'This page was made already. Make another one: its link was shown once.':
    'Esta página ya se hizo. Haga otra: su enlace se mostró una sola vez.',
  'This page was not found.': 'No se encontró esta página.',
  'The photo has {{length}} bytes: at most {{largest_photo}} are stored.':
    'La foto tiene {{length}} bytes: se guardan como máximo {{largest_photo}}.',
  'The file is {{format}}: a photo is JPEG, PNG or WebP.':
    'El archivo es {{format}}: una foto es JPEG, PNG o WebP.',
  'The file cannot be decoded as a picture: a photo is JPEG, PNG or WebP, of at most 60 megapixels.':
    'El archivo no se puede leer como imagen: una foto es JPEG, PNG o WebP, de 60 megapixeles como máximo.',
  'The photo is empty: send the picture itself.': 'La foto está vacía: envíe la imagen misma.',
  'This position was not found. Open the line again.':
    'No se encontró esta posición. Abra la línea otra vez.',
  '{{tag}} was changed since. Check it as it is now, and change it by hand.':
    '{{tag}} cambió desde entonces. Véala como está ahora y cámbiela a mano.',
  '{{from}} is retired. Pick another model, or restore this one first.':
    '{{from}} está retirado. Elija otro modelo, o restaure este primero.',
  '{{from}} is not made in {{dn}} (DN{{dn2}}).': '{{from}} no se fabrica en {{dn}} (DN{{dn2}}).',
  '{{from}} is ruled out here. {{join}}': '{{from}} está descartada aquí. {{join}}',
  '{{tag}} was changed by somebody else in the meantime. Compare both and choose what to keep.':
    'Otra persona cambió {{tag}} mientras tanto. Compare ambas y elija qué conservar.',
  '{{tag}} is already used on this job. Enter another tag.':
    '{{tag}} ya se usa en esta obra. Escriba otra etiqueta.',
  'This round was not found. Open the list of rounds again.':
    'No se encontró esta ronda. Abra otra vez la lista de rondas.',
  'This calendar address does not exist, or was withdrawn.':
    'Esta dirección de calendario no existe, o se retiró.',
  Rounds: 'Rondas',
  'until is {{until}}, and nothing is due by then on these jobs: choose a later day or other jobs.':
    'Hasta {{until}} no hay nada pendiente en estas obras: elija un día posterior u otras obras.',
  'This round was changed in the meantime. Reload it, then change it again.':
    'Esta ronda cambió mientras tanto. Vuelva a cargarla y cámbiela otra vez.',
  'Divide the line into shorter ones.': 'Divida la línea en otras más cortas.',
  'start-up record': 'acta de arranque',
  'valve chart': 'tabla de válvulas',
  'not done': 'sin hacer',
  Holds: 'Aguanta',
  Leaks: 'Tiene fuga',
  Creeps: 'Sube sola',
  Hunts: 'Oscila',
  'Off its setting': 'Fuera de su ajuste',
  'Start-up of {{lineName}}': 'Arranque de {{lineName}}',
  Steps: 'Pasos',
  Valves: 'Válvulas',
  'Local code, the authority, the utility and the maker’s sheet come before this record.':
    'El código local, la autoridad, la compañía y la hoja del fabricante van antes que esta acta.',
  'Handed over {{at}}. Done by {{handedBy}}. Taken over by {{takenBy}}.':
    'Entregada el {{at}}. Hecho por {{handedBy}}. Recibido por {{takenBy}}.',
  'Taken over by': 'Recibido por',
  'Skipped by {{by}}, {{at}}: {{reason}}': 'Omitido por {{by}}, {{at}}: {{reason}}',
  'Reading: {{verdict}}': 'Lectura: {{verdict}}',
  'reducer set to {{pressure}}': 'reductora ajustada a {{pressure}}',
  'still running': 'todavía en curso',
  Readings: 'Lecturas',
  'Solid: as the gauge read it. Dashed: corrected for temperature.':
    'Continua: como la leyó el manómetro. Punteada: corregida por temperatura.',
  'type not known': 'tipo desconocido',
  Serves: 'Sirve a',
  Size: 'Tamaño',
  Ordered: 'Pedido',
  Spares: 'Refacciones',
  Maintenance: 'Mantenimiento',
  'not picked here': 'aquí no se eligió',
  'There is no position on this line yet.': 'Todavía no hay posiciones en esta línea.',
  'CLOSE FIRST': 'CIERRE PRIMERO',
  'Valve chart · {{lineName}}': 'Tabla de válvulas · {{lineName}}',
  'Gas: leave the building first, then call the gas utility and the fire department from outside.':
    'Gas: primero salga del edificio, después llame desde afuera a la compañía de gas y a los bomberos.',
  'No shut-off is recorded on this line.': 'No hay ninguna llave de cierre anotada en esta línea.',
  'not checked': 'sin revisar',
  'Handed over {{at}}: {{handedBy}} to {{takenBy}}': 'Entregada el {{at}}: {{handedBy}} a {{takenBy}}',
  'not counted': 'sin contar',
  'There is another reading with the id {{id}}. Start a new one.':
    'Ya hay otra lectura con el id {{id}}. Empiece una nueva.',
  'A reading is running on {{name}} already. Stop it first.':
    'Ya hay una lectura en curso en {{name}}. Párela primero.',
  'deviceId is no logger of this company: choose one from the list.':
    'deviceId no es un registrador de esta empresa: elija uno de la lista.',
  '{{name}} is reading {{lineName}}. Choose another logger, or stop that reading first.':
    '{{name}} está leyendo {{lineName}}. Elija otro registrador, o pare primero esa lectura.',
  'Nothing was read yet. Add samples, or remove the reading by starting another.':
    'Todavía no se leyó nada. Agregue muestras, o empiece otra lectura.',
  'This reading has ended. Start another one.': 'Esta lectura terminó. Empiece otra.',
  'This reading was not found. Open the start-up of the line again.':
    'No se encontró esta lectura. Abra otra vez el arranque de la línea.',
  '{{name}} was handed over. What follows is written in the log of its positions.':
    '{{name}} ya se entregó. Lo que sigue se anota en la bitácora de sus posiciones.',
  'Two people sign: who did it, and who takes it over.':
    'Firman dos personas: quien lo hizo, y quien lo recibe.',
  '{{name}} has nothing to start up.': '{{name}} no tiene nada que arrancar.',
  '{{name}} cannot be handed over yet. Still open: {{join}}.':
    '{{name}} todavía no se puede entregar. Sigue abierto: {{join}}.',
  'A step is skipped with a reason, and only then has one.':
    'Un paso se omite con una razón, y solo entonces la tiene.',
  'The level recorder sees it hold again: nothing runs back while the pump rests.':
    'El registrador de nivel lo ve cerrar otra vez: nada regresa mientras la bomba descansa.',
  'The level recorder sees it pass: part of what the pump lifts runs back all through its rest. Look at the seat, the ball or the flapper.':
    'El registrador de nivel lo ve dejar pasar: parte de lo que sube la bomba regresa durante todo su descanso. Vea el asiento, la bola o la clapeta.',
  'The level recorder sees it stick open: after each stop the main runs back into the well. Look for what wedges the ball or flapper, then at the ball and the seat.':
    'El registrador de nivel lo ve atorarse abierto: después de cada paro la línea regresa al cárcamo. Busque qué atora la bola o la clapeta, después vea la bola y el asiento.',
  'Ask again in a few minutes.': 'Pregunte otra vez en unos minutos.',
  'Level recorder': 'Registrador de nivel',
  'This station was changed by somebody else in the meantime. Reload it, then change it again.':
    'Otra persona cambió esta estación mientras tanto. Vuelva a cargarla y cámbiela otra vez.',
  'another check': 'otro check',
  'The first row must name the columns; {{join}} {{what}} missing. Required: {{join2}}.':
    'La primera fila debe nombrar las columnas; {{what}}: {{join}}. Obligatorias: {{join2}}.',
  'The column {{twice}} appears twice. Keep one of them.':
    'La columna {{twice}} aparece dos veces. Deje una.',
  'The list has a heading, but no row under it.': 'La lista tiene encabezado, pero ninguna fila abajo.',
  'The job has changed since you checked the list, and other rows can be imported now. Check the list again.':
    'La obra cambió desde que revisó la lista, y ahora se pueden importar otras filas. Revise la lista otra vez.',
  'Some of these positions were changed since, so the import cannot be undone.':
    'Algunas de estas posiciones cambiaron desde entonces, así que la importación no se puede deshacer.',
  '“{{tag}}” is not a tag. Enter it like CW-04.': '“{{tag}}” no es una etiqueta. Anótela como CW-04.',
  'A line holds at most {{longest_walk}} items: divide it into two lines.':
    'Una línea tiene como máximo {{longest_walk}} elementos: divídala en dos.',
  'A walk starts at its source: put the source first, not indented.':
    'Un recorrido empieza en su origen: ponga primero el origen, sin sangría.',
  '{{id}} is already in the walk.': '{{id}} ya está en el recorrido.',
  'A run ends at an item that is not in the walk: choose another end.':
    'Un tramo termina en un elemento que no está en el recorrido: elija otro fin.',
  '{{tag}} is now the tag of another valve, so it cannot be restored.':
    '{{tag}} es ahora la etiqueta de otra válvula, así que no se puede restaurar.',
  '{{tag}} has log entries, so it cannot be removed. Add an entry instead, saying that the valve is gone.':
    '{{tag}} tiene anotaciones en la bitácora, así que no se puede quitar. Agregue una anotación que diga que la válvula ya no está.',
  'The walk of {{name}} was changed by somebody else in the meantime. Reload it, then enter your change again.':
    'Otra persona cambió el recorrido de {{name}} mientras tanto. Vuelva a cargarlo y anote su cambio otra vez.',
  'The walk of {{name}} was changed since. Check it as it is now, and change it by hand.':
    'El recorrido de {{name}} cambió desde entonces. Véalo como está ahora y cámbielo a mano.',
  'a minute': 'un minuto',
  'Age, years': 'Edad, años',
  Why: 'Por qué',
  Tag: 'Etiqueta',
  'and {{length}} more': 'y {{length}} más',
  Tax: 'Impuesto',
  'The supplier is busy. Request again later.': 'El proveedor está ocupado. Pida otra vez más tarde.',
  '{{jobName}} · {{companyName}} · {{words}} · printed {{at}}':
    '{{jobName}} · {{companyName}} · {{words}} · impreso el {{at}}',
  '{{who}}: name, signature, date': '{{who}}: nombre, firma, fecha',
  '{{testPressurePa}} for {{holdS}}, {{kind}}': '{{testPressurePa}} durante {{holdS}}, {{kind}}',
  ' · {{asked}} · {{startedAt}}, {{startedBy}} · {{samples}} samples, {{source}}':
    ' · {{asked}} · {{startedAt}}, {{startedBy}} · {{samples}} muestras, {{source}}',
  '{{task}} every {{every}}': '{{task}} cada {{every}}',
  'about {{turns}}': 'cerca de {{turns}}',
  'counter in town: higher prices, in stock': 'mostrador en la ciudad: precios más altos, en existencia',
  'Full port has three weeks lead time; reduced port is in stock.':
    'Paso completo tiene tres semanas de plazo; paso reducido está en existencia.',
  'wholesale: cheaper, some days': 'mayoreo: más barato, unos días',
  'The same valve in plain brass, in stock.': 'La misma válvula en latón sencillo, en existencia.',
  'mains and large valves': 'líneas principales y válvulas grandes',
  'C509 in stock, C515 to order.': 'C509 en existencia, C515 sobre pedido.',
  'What kind of valve is it?': '¿Qué clase de válvula es?',
  'Which size?': '¿Qué tamaño?',
  'Which connection on which end?': '¿Qué conexión en qué extremo?',
  'Open left or open right?': '¿Abre a la izquierda o a la derecha?',
  'To which AWWA standard?': '¿Según qué norma AWWA?',
  'Which metal or plastic?': '¿Qué metal o plástico?',
  'Full port or reduced?': '¿Paso completo o reducido?',
  'What seats?': '¿Qué asientos?',
  'Which rating?': '¿Qué presión nominal?',
  'Lever, wheel, gear or nut?': '¿Palanca, volante, engranes o cuadro?',
  'Straight or angle?': '¿Recta o angular?',
  'Quarter turn or multi-turn?': '¿Cuarto de vuelta o multivuelta?',
  'Raised face or flat face?': '¿Cara realzada o plana?',
  'Which bonnet?': '¿Qué bonete?',
  'Rising stem or not?': '¿Vástago ascendente o no?',
  'Epoxy-coated or bare?': '¿Con epóxico o desnuda?',
  'Which type of check?': '¿Qué tipo de check?',
  'Which spring range?': '¿Qué rango de resorte?',
  'Which trim? It is on the tag, not on the casting.': '¿Qué trim? Está en la etiqueta, no en el cuerpo.',
  'For drinking water, gas or neither?': '¿Para agua potable, gas o ninguno?',
  'Horizontal or vertical, and which flow direction?': '¿Horizontal o vertical, y en qué dirección fluye?',
  'Which set pressure?': '¿Qué presión de ajuste?',
  'Which end is socket-weld: the inlet or the outlet?':
    '¿Qué extremo es de soldadura a enchufe: la entrada o la salida?',
  'Not carried in this size.': 'No se maneja en este tamaño.',
  Qty: 'Cant.',
};
