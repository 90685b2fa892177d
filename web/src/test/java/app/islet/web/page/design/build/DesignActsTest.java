package app.islet.web.page.design.build;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Assessment;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.drawing.PlanDrawing;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.base.support.Form;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Layers, points and parts added in any order: nothing breaks, nothing leaves the glass. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DesignActsTest {
  private static final int SEQUENCES = 1000;
  private static final int MAX_ACTS = 12;
  private static final int DRAWN_EVERY = 50;

  private static Enclosure done(Enclosure e, String act, String value) {
    return DesignActs.done(e, new Form(Map.of(act, value), UnitSystem.METRIC));
  }

  private static Enclosure start(Random random) {
    double height = 20 + random.nextInt(60);
    Enclosure e =
        Enclosure.bare(
            "Any",
            new Vessel(30 + random.nextInt(150), 20 + random.nextInt(60), height),
            random.nextInt((int) (0.6 * height)));
    Enclosure ground = random.nextBoolean() ? e.with(new Substrate(SubstrateMaterial.SAND, 3)) : e;
    return random.nextBoolean()
        ? ground.with(new Land(10 + random.nextInt(80), 0.8 * height, random.nextInt(20)))
        : ground;
  }

  private static Enclosure act(Enclosure e, Random random) {
    FurnishingKind[] kinds = FurnishingKind.values();
    List<Furnishing> parts = e.furnishings().parts();
    return switch (random.nextInt(6)) {
      case 0 -> done(e, "addLayer", "on");
      case 1 -> done(e, "addPoint", "anywhere");
      case 2 -> parts.isEmpty() ? e : done(e, "copyPart", parts.get(0).id());
      case 3 -> done(e, "removeLayer", "0");
      default -> done(e, "addPart", kinds[random.nextInt(kinds.length)].name());
    };
  }

  @Test
  void a_thousand_sequences_leave_everything_inside_the_glass() {
    Random random = new Random(1871);
    for (int n = 0; n < SEQUENCES; n++) {
      Enclosure e = start(random);
      double overLine = e.land().map(l -> l.heightCm()).orElse(0.0) - e.waterLineCm();
      for (int k = 1 + random.nextInt(MAX_ACTS); k > 0; k--) {
        try {
          e = act(e, random);
        } catch (IllegalArgumentException refused) {
          assertThat(DesignActs.sentence(refused)).endsWith(".");
        }
      }
      Vessel v = e.vessel();
      assertThat(e.waterLineCm()).isLessThanOrEqualTo(v.heightCm());
      for (Furnishing part : e.furnishings().parts()) {
        String what = part + " in " + v;
        assertThat(part.xCm()).as(what).isGreaterThanOrEqualTo(0);
        assertThat(part.yCm()).as(what).isGreaterThanOrEqualTo(0);
        assertThat(part.xCm() + part.lengthCm()).as(what).isLessThanOrEqualTo(v.lengthCm() + 1e-9);
        assertThat(part.yCm() + part.widthCm()).as(what).isLessThanOrEqualTo(v.widthCm() + 1e-9);
      }
      if (overLine > 0) {
        assertThat(e.land().orElseThrow().heightCm())
            .as("land in " + e)
            .isGreaterThanOrEqualTo(Math.min(e.waterLineCm(), v.heightCm()));
      }
      if (n % DRAWN_EVERY == 0) {
        Assessment a = Assessment.of(e, List.of(), LocalDate.of(2026, 3, 2));
        assertThat(SectionDrawing.working(a, UnitSystem.METRIC, 5)).contains("</svg>");
        assertThat(PlanDrawing.plain(a, UnitSystem.METRIC, 5)).contains("</svg>");
      }
    }
  }

  @Test
  void a_layer_lifts_the_land_and_what_stands_on_the_ground() {
    Enclosure e =
        done(
            Enclosure.bare("Any", new Vessel(100, 40, 50), 15)
                .with(new Substrate(SubstrateMaterial.SAND, 3))
                .with(new Land(30, 25, 10)),
            "addPart",
            "STONE");
    Enclosure layered = done(e, "addLayer", "on");
    double thick = layered.ground().depthCm() - e.ground().depthCm();
    assertThat(thick).isPositive();
    assertThat(layered.water().depthCm()).isEqualTo(15);
    assertThat(layered.land().orElseThrow().heightCm()).isEqualTo(25 + thick);
    assertThat(layered.furnishings().parts().get(0).bottomCm())
        .isEqualTo(e.furnishings().parts().get(0).bottomCm() + thick);
  }

  @Test
  void a_second_stone_lies_beside_the_first() {
    Enclosure e = Enclosure.bare("Any", new Vessel(100, 40, 50), 15);
    for (int n = 0; n < 3; n++) {
      e = done(e, "addPart", "STONE");
    }
    List<Furnishing> stones = e.furnishings().parts();
    for (Furnishing a : stones) {
      for (Furnishing b : stones) {
        boolean apart =
            a == b
                || a.xCm() >= b.xCm() + b.lengthCm()
                || b.xCm() >= a.xCm() + a.lengthCm()
                || a.yCm() >= b.yCm() + b.widthCm()
                || b.yCm() >= a.yCm() + a.widthCm();
        assertThat(apart).as(a + " and " + b).isTrue();
      }
    }
  }
}
