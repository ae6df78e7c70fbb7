import type { Sentences } from '../../language-table.js';

/** What is said of rounds, replacement and the pages for owners. */
export const upkeep: Sentences = {
  'Discrete renewal in whole years; costs discounted at the end of their year.':
    'Renovación discreta en años completos; costos descontados al fin de su año.',
  'One life for all of one option; horizon in whole years.':
    'Una misma vida para todas las de una opción; horizonte en años completos.',
  'Prices that rise, what is left of a life at the end.':
    'Precios que suben, lo que queda de una vida al final.',
  'own valves of this type: {{failed}} failed, {{working}} known to work':
    'válvulas propias de este tipo: {{failed}} fallaron, {{working}} se sabe que funcionan',
  'judgement from practice': 'juicio de la práctica',
  '{{words}}: {{medianYears}} years to half of them failed ({{source}})':
    '{{words}}: {{medianYears}} años hasta que falla la mitad ({{source}})',
  'chloramine on rubber': 'cloramina sobre hule',
  'water that attacks brass, on yellow brass': 'agua que ataca el latón, en latón amarillo',
  'nobody recorded operating it: taken as not exercised':
    'nadie anotó que se operara: se toma como no ejercitada',
  'last operated {{yearsUnturned}} years ago: not exercised':
    'operada por última vez hace {{yearsUnturned}} años: no ejercitada',
  'Local code and whoever is licensed for it say what has to be done, and how soon.':
    'El código local y quien tiene licencia para ello dicen qué hay que hacer, y qué tan pronto.',
  'Gas leaks at this valve.': 'Hay fuga de gas en esta válvula.',
  'This gas valve does not turn, so that the gas cannot be shut off here.':
    'Esta válvula de gas no gira, así que aquí no se puede cerrar el gas.',
  'The valve leaks to the outside.': 'La válvula tiene fuga hacia afuera.',
  'The valve lets some through although it is closed.': 'La válvula deja pasar aunque está cerrada.',
  'The valve does not turn, so that nothing can be shut off here.':
    'La válvula no gira, así que aquí no se puede cerrar nada.',
  'Leaking gas is not left: the gas utility is called and the gas stays off. {{leaves}}':
    'Una fuga de gas no se deja: se llama a la compañía de gas y el gas queda cerrado. {{leaves}}',
  'Until it is replaced the gas has to be shut off elsewhere. {{leaves}}':
    'Hasta que se reemplace, el gas se tiene que cerrar en otro lado. {{leaves}}',
  'The leak goes on and usually grows.': 'La fuga sigue y por lo general crece.',
  'It stays as it is or gets worse; what it should hold back goes on passing.':
    'Se queda como está o empeora; lo que debería detener sigue pasando.',
  'In a leak the water has to be shut off further upstream, where more people are without it.':
    'En una fuga el agua se tiene que cerrar más arriba, donde más gente se queda sin ella.',
  ' While it is changed there is nothing at: {{join}}.': ' Mientras se cambia no hay servicio en: {{join}}.',
  'The check valve lets what was pumped run back.': 'El check deja regresar lo que se bombeó.',
  'The valve works.': 'La válvula funciona.',
  'Nothing changes today. The older it gets, the more likely it fails at a time nobody chose.':
    'Hoy no cambia nada. Mientras más vieja, más probable que falle en un momento que nadie eligió.',
  'experience, and {{own}} valves of this kind in our own log':
    'experiencia, y {{own}} válvulas de esta clase en nuestra bitácora',
  'experience, not statistics': 'experiencia, no estadística',
  'It is about {{ageYears}} years old. Of 100 such valves of that age {{high}} to {{low}} fail within a year (from {{source}}). ':
    'Tiene cerca de {{ageYears}} años. De 100 válvulas así de esa edad, de {{high}} a {{low}} fallan en un año (según {{source}}). ',
  'fewer than 1': 'menos de 1',
  '{{what}} about {{replaceCost}}': '{{what}} cerca de {{replaceCost}}',
  'Replaced in an emergency it costs': 'Reemplazada en una emergencia cuesta',
  'If it fails, the emergency call and a new valve cost':
    'Si falla, la llamada de emergencia y una válvula nueva cuestan',
  '{{call}}. In about {{cases}} of {{in_ten}} such cases the {{what}} also does damage of about {{damageCost}}{{what2}} (amounts are estimates).':
    '{{call}}. En cerca de {{cases}} de {{in_ten}} casos así, además causa daños de cerca de {{damageCost}} ({{what}}){{what2}} (los importes son estimaciones).',
  'found failed: taken as worn as one of twice the usual life':
    'encontrada fallada: se toma tan gastada como una del doble de la vida usual',
  'gets wet: {{wets}}{{what}}': 'se moja: {{wets}}{{what}}',
  ' (taken by its place, nobody was asked)': ' (tomado por su lugar, a nadie se le preguntó)',
  'the shut-off before it does not turn': 'la llave de cierre anterior no gira',
  'Gas leaks at it.': 'Tiene fuga de gas.',
  'A gas valve that does not turn cannot stop a leak.':
    'Una válvula de gas que no gira no puede detener una fuga.',
  'A fire valve that does not shut.': 'Una válvula contra incendio que no cierra.',
  'An emergency shut-off that does not work.': 'Una llave de emergencia que no funciona.',
  'Discrete renewal in whole years. The yearly money is relaxed with prices; what that proposes is repaired and improved by moves, and counted out where the valves are few.':
    'Renovación discreta en años completos. El dinero anual se relaja con precios; lo que eso propone se repara y mejora por movimientos, y se cuenta completo donde hay pocas válvulas.',
  'Whole years; each valve is replaced by plan once at most.':
    'Años completos; cada válvula se reemplaza por plan una vez como máximo.',
  'What is left of a life at the end, prices that rise, places that one shutdown serves together.':
    'Lo que queda de una vida al final, precios que suben, lugares que comparten un mismo corte.',
  'a day that exists, written YYYY-MM-DD': 'un día que existe, escrito AAAA-MM-DD',
  '{{path}} must be {{takes}}; it is {{value}}.': '{{path}} debe ser {{takes}}; es {{value}}.',
  'A closed fire valve is found by looking. Locked or supervised: once a month.':
    'Una válvula contra incendio cerrada se encuentra viendo. Con candado o supervisada: una vez al mes.',
  'A closed fire valve is found by looking. Only sealed: once a week.':
    'Una válvula contra incendio cerrada se encuentra viendo. Solo con sello: una vez a la semana.',
  'Through its whole travel and back, then a drain test.':
    'Por todo su recorrido y de regreso, después prueba de dren.',
  'House rule: an old gate is left alone.': 'Regla de la empresa: una compuerta vieja no se toca.',
  'Scale and packing set hard where nobody turns it.': 'Sarro y empaque se endurecen donde nadie la gira.',
  'House rule: a ball valve needs no maintenance.':
    'Regla de la empresa: una válvula de bola no necesita mantenimiento.',
  'Seats that are never moved take a set.': 'Asientos que nunca se mueven se deforman.',
  'Soap at key, stem and joints, and at every service visit.':
    'Jabón en llave, vástago y uniones, y en cada visita de servicio.',
  'The sealant is the seal.': 'El sellador es el sello.',
  'It weeps.': 'Rezuma.',
  'Before the heating season.': 'Antes de la temporada de calefacción.',
  'Balls wear egg-shaped.': 'Las bolas se gastan en forma de huevo.',
  'Flappers tear.': 'Las clapetas se rompen.',
  'Springs tire, and grit settles.': 'Los resortes se cansan, y la arena se asienta.',
  'Hinge and seat wear.': 'Bisagra y asiento se gastan.',
  'A check that fails silently shows in the starts of the pump.':
    'Un check que falla en silencio se nota en los arranques de la bomba.',
  'It creeps, or falls off with flow.': 'Sube sola, o baja con el flujo.',
  'Its strainer fills.': 'Su filtro se llena.',
  'Lift it and let it wash; replace it after five years.':
    'Levántela y déjela lavar; reemplácela después de cinco años.',
  'It sticks where it is never switched.': 'Se pega donde nunca se acciona.',
  'Tighten the carrier: its seats wear.': 'Apriete el portasello: sus asientos se gastan.',
  'Stop: the torque limit is reached. Back off, never force it.':
    'Pare: se llegó al límite de par. Regrese, nunca la fuerce.',
  'It turns the other way. See which way it closes.': 'Gira al revés. Vea hacia dónde cierra.',
  'Start gently: a few turns and back.': 'Empiece con cuidado: unas vueltas y de regreso.',
  'It turns on without end: the stem or the gate has come off. Do not count it as shut.':
    'Gira sin fin: se soltó el vástago o la compuerta. No la cuente como cerrada.',
  'The torque fell away: the stem may be broken. Do not count it as shut.':
    'El par cayó: el vástago puede estar roto. No la cuente como cerrada.',
  'It stopped at {{turns}} of {{usualTurns}} turns: it is not fully shut or not fully open.':
    'Se detuvo en {{turns}} de {{usualTurns}} vueltas: no está cerrada del todo o no está abierta del todo.',
  'It grates all the way: scale or grit in the guides. A few turns and back, flush, then further.':
    'Raspa todo el camino: sarro o arena en las guías. Unas vueltas y de regreso, lave, después más.',
  'Tight patch at {{tight}} turns, most likely scale{{what}}':
    'Punto duro en {{tight}} vueltas, lo más probable sarro{{what}}',
  '; it passed. Go on gently.': '; ya pasó. Siga con cuidado.',
  '. Go back two turns and try again gently.': '. Regrese dos vueltas e intente otra vez con cuidado.',
  'Even all the way.': 'Parejo todo el camino.',
  'Even so far.': 'Parejo hasta ahora.',
  'The first row of each task that fits; calendar months, the day cut to the last of the month.':
    'La primera fila de cada tarea que aplica; meses de calendario, el día se corta al último del mes.',
  'Dates alone: what was found at the valve is not looked at.':
    'Solo fechas: lo que se encontró en la válvula no se considera.',
  'Water that ages rubber sooner, seasons, access.': 'Agua que envejece antes el hule, temporadas, acceso.',
  'interval.because is empty: say why the interval is not the usual one.':
    'falta la razón: diga por qué el intervalo no es el usual.',
  'interval is "{{clean}}": write it like 6 months, 7 days, 1 year or never.':
    'El intervalo es "{{clean}}": escríbalo como 6 meses, 7 días, 1 año o nunca.',
  'file has no columns for turn and torque: both must be named in its first row.':
    'El archivo no tiene columnas de vueltas y par: ambas deben estar en su primera fila.',
  'Pit or vault: confined space. Two people, test the air, by the rules of the site.':
    'Registro o bóveda: espacio confinado. Dos personas, pruebe el aire, según las reglas del sitio.',
  'Box in the ground or road: two people, cones out where there is traffic. Lift the lid with a hook.':
    'Caja en el suelo o la calle: dos personas, conos donde hay tránsito. Levante la tapa con gancho.',
  'Gas: close it only with the appliances off; those who may relight them afterwards. No flame, no spark.':
    'Gas: ciérrela solo con los aparatos apagados; después los enciende quien puede. Sin llama, sin chispa.',
  'Steam: gloves and eye protection. Drain condensate first and open slowly, a crack at first.':
    'Vapor: guantes y lentes. Drene primero el condensado y abra despacio, al principio apenas.',
  'Fire line: tell the owner and the alarm company before you move it, and again when it is open.':
    'Línea contra incendio: avise al dueño y a la central de alarmas antes de moverla, y otra vez cuando esté abierta.',
  'Sewage: gloves and eye protection, wash before you eat. Lock out the pump before you open anything.':
    'Aguas negras: guantes y lentes, lávese antes de comer. Bloquee la bomba antes de abrir cualquier cosa.',
  'High pressure: stop the pump and relieve the line before you open anything.':
    'Alta presión: pare la bomba y quite la presión de la línea antes de abrir cualquier cosa.',
  'Hot water: it scalds.': 'Agua caliente: escalda.',
};
