package app.islet.core.care;

import java.util.List;

/**
 * One stage of a life.
 *
 * @param fromLengthCm shortest length at which an animal counts as being in this stage
 * @param signs how a keeper recognises it without a ruler
 * @param adult whether it can breed
 */
public record Stage(
        String id,
        String name,
        double fromLengthCm,
        Life life,
        boolean adult,
        String signs,
        Needs needs,
        List<Food> foods,
        List<String> neverFoods,
        Upkeep upkeep) {
    public Stage {
        foods = List.copyOf(foods);
        neverFoods = List.copyOf(neverFoods);
    }
}
