// Density of dry air by psychrolib, from altitude in metres and temperature in kelvin.
import psychrolib from 'psychrolib';

let text = '';
for await (const piece of process.stdin) text += piece;
psychrolib.SetUnitSystem(psychrolib.SI);
const answers = JSON.parse(text).map(([altitude, kelvin]) =>
    psychrolib.GetDryAirDensity(kelvin - 273.15, psychrolib.GetStandardAtmPressure(altitude)),
);
process.stdout.write(JSON.stringify(answers));
