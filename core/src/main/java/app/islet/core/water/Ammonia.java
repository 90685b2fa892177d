package app.islet.core.water;

/** Ammonia that food becomes. */
public final class Ammonia {
    private Ammonia() {}

    /**
     * Total ammonia nitrogen made of feed.
     *
     * @param feedG feed eaten, g
     * @param proteinPercent protein in it, %
     * @return g of nitrogen
     * @see "Timmons, M. B. and Ebeling, J. M., Recirculating Aquaculture: P(TAN) = 0.092 x protein
     *     x feed"
     */
    public static double tanG(double feedG, double proteinPercent) {
        return 0.092 * proteinPercent / 100 * feedG;
    }
}
