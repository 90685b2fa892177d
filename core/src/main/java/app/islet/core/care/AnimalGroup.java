package app.islet.core.care;

/** The animals Islet is for, and what keepers measure on each. */
public enum AnimalGroup {
    TURTLE("carapace length"),
    SALAMANDER("total length"),
    FROG("snout to vent"),
    CRAB("carapace width");

    private final String measure;

    AnimalGroup(String measure) {
        this.measure = measure;
    }

    /** What the length of such an animal is measured along. */
    public String measure() {
        return measure;
    }
}
