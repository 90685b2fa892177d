package app.islet.core.water;

import app.islet.core.quantity.Check;

/**
 * Dissolved oxygen of water in equilibrium with moist air at 1013.25 hPa.
 *
 * @see "Benson, B. B. and Krause, D. (1984), Limnol. Oceanogr. 29(3), 620-632, as used for the USGS
 *     tables of dissolved oxygen"
 */
public final class OxygenSaturation {
    private OxygenSaturation() {}

    /**
     * @param waterC water temperature, °C, 0 to 40
     * @param salinityPpt salinity, g/kg, 0 to 45
     * @return mg/L
     * @throws IllegalArgumentException if either is outside its range or NaN
     */
    public static double mgPerL(double waterC, double salinityPpt) {
        double k = Check.inRange("waterC", waterC, 0, 40) + 273.15;
        double s = Check.inRange("salinityPpt", salinityPpt, 0, 45);
        return Math.exp(
                -139.34411
                        + 1.575701e5 / k
                        - 6.642308e7 / (k * k)
                        + 1.243800e10 / (k * k * k)
                        - 8.621949e11 / (k * k * k * k)
                        - s * (1.7674e-2 - 10.754 / k + 2140.7 / (k * k)));
    }
}
