/**
 * Light: the UV index under lamps, the length of days, the moon, and when each outlet is switched.
 *
 * <p>Lengths in cm, angles in degrees, days in UTC unless a place is given. The height of the sun
 * comes from commons-suncalc.
 */
@NullMarked
package app.islet.core.light;

import org.jspecify.annotations.NullMarked;
