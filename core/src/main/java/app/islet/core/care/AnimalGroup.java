package app.islet.core.care;

/** The animals Islet is for, and what keepers measure on each. */
public enum AnimalGroup {
    TURTLE("turtle", "carapace length"),
    SALAMANDER("salamander", "total length"),
    FROG("frog", "snout to vent"),
    CRAB("crab", "carapace width");

    private final String word;
    private final String measure;

    AnimalGroup(String word, String measure) {
        this.word = word;
        this.measure = measure;
    }

    public String word() {
        return word;
    }

    /** What the length of such an animal is measured along. */
    public String measure() {
        return measure;
    }
}
