package app.islet.web.base.drawing;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;

/**
 * An animal drawn for ourselves: facing right, its measured length one unit, its feet on y = 0 and
 * y upward negative.
 *
 * @param body filled
 * @param lines drawn over it, where it is large enough to see them
 * @param limbs thin parts, as strokes: legs of a crab, gills
 * @param gills whether the limbs are gills
 * @param eyeX and {@code eyeY} of the eye
 * @param height above its feet
 */
record Silhouette(
    String body,
    String lines,
    String limbs,
    boolean gills,
    double eyeX,
    double eyeY,
    double height) {
  /** What it is doing where it is drawn. */
  enum Pose {
    STANDS,
    SWIMS
  }

  private static final Silhouette NEWT =
      new Silhouette(
          "M.5 -.07C.49 -.1 .43 -.12 .38 -.108C.34 -.1 .31 -.1 .28 -.105C.15 -.125 .0 -.125 -.08 -.108C-.25 -.16 -.43 -.14 -.5 -.07C-.43 -.015 -.25 -.02 -.08 -.045C.05 -.03 .2 -.035 .28 -.045C.36 -.04 .48 -.045 .5 -.07ZM.24 -.06L.33 -.03L.31 0L.26 0L.27 -.025L.18 -.045ZM-.03 -.06L-.11 -.03L-.08 0L-.13 0L-.16 -.03L-.09 -.07Z",
          "M-.1 -.075C-.25 -.08 -.4 -.08 -.48 -.07",
          "",
          false,
          .43,
          -.085,
          .16);

  private static final Silhouette ON_LEGS =
      new Silhouette(
          "M.5 -.1C.49 -.14 .42 -.152 .37 -.137C.33 -.125 .31 -.127 .28 -.137C.15 -.16 .0 -.16 -.08 -.137C-.22 -.12 -.4 -.06 -.5 -.015C-.4 -.02 -.22 -.055 -.08 -.068C.05 -.055 .2 -.055 .28 -.068C.36 -.062 .47 -.068 .5 -.1ZM.24 -.09L.34 -.05L.33 0L.27 0L.285 -.04L.17 -.075ZM.0 -.09L-.1 -.05L-.07 0L-.13 0L-.155 -.055L-.08 -.1Z",
          "M.3 -.1C.2 -.12 .05 -.12 -.05 -.105",
          "",
          false,
          .43,
          -.12,
          .17);

  private static final Silhouette GILLED =
      new Silhouette(
          "M.5 -.085C.5 -.135 .44 -.158 .36 -.152C.3 -.147 .27 -.138 .22 -.132C.05 -.15 -.06 -.15 -.14 -.138C-.28 -.21 -.44 -.18 -.5 -.085C-.44 -.015 -.3 -.01 -.14 -.042C-.05 -.028 .15 -.028 .24 -.04C.34 -.033 .48 -.038 .5 -.085ZM.2 -.05L.26 0L.2 0L.13 -.04ZM-.08 -.05L-.06 0L-.12 0L-.16 -.05Z",
          "M.36 -.06Q.44 -.055 .49 -.075",
          "M.29 -.14Q.25 -.2 .17 -.22M.32 -.148Q.3 -.22 .24 -.27M.35 -.15Q.36 -.22 .32 -.29",
          true,
          .43,
          -.115,
          .28);

  private static final Silhouette SITTING =
      new Silhouette(
          "M.5 -.3C.5 -.36 .46 -.41 .42 -.42C.4 -.49 .29 -.5 .27 -.42C.1 -.41 -.2 -.3 -.4 -.11C-.47 -.04 -.43 0 -.34 0L.02 0L-.02 -.035L-.16 -.045C-.05 -.11 .06 -.11 .11 -.06L.2 0L.4 0L.31 -.045C.33 -.11 .35 -.16 .37 -.2C.45 -.2 .5 -.24 .5 -.3Z",
          "M-.38 -.07C-.3 -.21 -.1 -.21 -.05 -.07M.5 -.28Q.42 -.25 .34 -.28",
          "",
          false,
          .345,
          -.43,
          .5);

  private static final Silhouette SWIMMING =
      new Silhouette(
          "M.5 -.16C.48 -.25 .38 -.3 .26 -.28C.05 -.3 -.2 -.26 -.3 -.17L-.52 -.24L-.78 -.12L-.98 -.19L-1 -.1L-.8 -.045L-.52 -.16L-.34 -.1C-.2 -.03 .1 -.02 .28 -.06L.4 .05L.48 .02L.4 -.07C.46 -.09 .5 -.12 .5 -.16Z",
          "M-.3 -.15Q-.1 -.12 .1 -.14",
          "",
          false,
          .37,
          -.24,
          .3);

  private static final Silhouette TADPOLE =
      new Silhouette(
          "M.5 -.14C.5 -.24 .36 -.28 .24 -.26C.12 -.25 .06 -.2 0 -.19C-.2 -.27 -.4 -.21 -.5 -.13C-.4 -.07 -.2 -.02 0 -.1C.06 -.07 .12 -.03 .24 -.02C.36 0 .5 -.04 .5 -.14Z",
          "M0 -.145H-.46",
          "",
          false,
          .4,
          -.18,
          .28);

  private static final String LEGS =
      "M.38 -.26L.72 -.36L.9 0M.36 -.22L.64 -.24L.76 0M.28 -.18L.5 -.14L.58 0M-.38 -.26L-.72 -.36L-.9 0M-.36 -.22L-.64 -.24L-.76 0M-.28 -.18L-.5 -.14L-.58 0M.14 -.48V-.56M-.14 -.48V-.56";

  private static final String CARAPACE =
      "M-.5 -.34C-.45 -.54 .45 -.54 .5 -.34C.46 -.2 .28 -.13 0 -.13C-.28 -.13 -.46 -.2 -.5 -.34Z";

  private static final String CLAW_LEFT =
      "M-.42 -.36C-.56 -.56 -.74 -.6 -.82 -.48L-.7 -.47L-.8 -.38C-.68 -.34 -.54 -.3 -.42 -.3Z";

  private static final Silhouette CRAB =
      new Silhouette(
          CARAPACE
              + CLAW_LEFT
              + "M.42 -.36C.56 -.56 .74 -.6 .82 -.48L.7 -.47L.8 -.38C.68 -.34 .54 -.3 .42 -.3Z",
          "M-.4 -.32Q0 -.42 .4 -.32",
          LEGS,
          false,
          .14,
          -.57,
          .6);

  private static final Silhouette FIDDLER =
      new Silhouette(
          CARAPACE
              + CLAW_LEFT
              + "M.4 -.34C.62 -.7 .3 -.96 -.2 -.84L.14 -.74L-.12 -.66C.12 -.62 .28 -.5 .3 -.32Z",
          "M-.4 -.32Q0 -.42 .4 -.32",
          LEGS,
          false,
          .14,
          -.57,
          .9);

  private static final Silhouette HERMIT =
      new Silhouette(
          "M-.5 -.2C-.6 -.56 -.2 -.82 .12 -.68C.36 -.58 .42 -.3 .3 -.12C.1 -.02 -.3 -.02 -.5 -.2ZM.26 -.3C.44 -.42 .58 -.38 .6 -.24L.5 -.26L.54 -.16C.44 -.12 .32 -.14 .26 -.18Z",
          "M.2 -.18C-.1 -.1 -.36 -.24 -.34 -.44C-.3 -.6 -.04 -.62 .02 -.46C.06 -.34 -.1 -.28 -.16 -.38",
          "M.28 -.2L.56 -.14L.64 0M.24 -.16L.44 -.1L.48 0M.3 -.28L.46 -.42M.3 -.26L.52 -.48",
          false,
          .5,
          -.46,
          .75);

  /** A resident as it looks at its stage. */
  static Silhouette of(Resident r, Pose pose) {
    return of(r.sheet(), r.stage(), pose);
  }

  /** A grown one, for a card. */
  static Silhouette of(CareSheet sheet) {
    return of(sheet, sheet.grown(), Pose.STANDS);
  }

  static Silhouette of(CareSheet sheet, Stage stage, Pose pose) {
    return switch (sheet.group()) {
      case TURTLE -> turtle(sheet.body().heightShare(), pose);
      case SALAMANDER -> salamander(stage);
      case FROG -> frog(stage, pose);
      case CRAB -> crab(sheet, stage);
    };
  }

  private static Silhouette salamander(Stage stage) {
    boolean gills =
        stage.id().equals("larva")
            || stage.needs().oxygen().filter(Needs.Oxygen::gills).isPresent()
                && stage.habitat() == Habitat.WATER;
    return gills ? GILLED : stage.habitat() == Habitat.LAND ? ON_LEGS : NEWT;
  }

  private static Silhouette frog(Stage stage, Pose pose) {
    if (stage.id().equals("tadpole")) {
      return TADPOLE;
    }
    return pose == Pose.SWIMS ? SWIMMING : SITTING;
  }

  /** Those that carry a snail's shell, those with one great claw, and all others. */
  private static Silhouette crab(CareSheet sheet, Stage stage) {
    if (stage.needs().shelter().spareShells() > 0) {
      return HERMIT;
    }
    return sheet.kind().endsWith("fiddler") ? FIDDLER : CRAB;
  }

  /** A shell as high as the species', on its legs or paddling. */
  private static Silhouette turtle(double heightShare, Pose pose) {
    String top = Svg.number(-(heightShare + .08));
    String high = Svg.number(-heightShare * .93);
    String shell =
        "M-.5 -.1C-.48 %s .42 %s .5 -.13Q.5 -.075 .42 -.06L-.44 -.06Q-.5 -.07 -.5 -.1Z"
            .formatted(top, top);
    String head =
        "M.44 -.08C.5 -.2 .6 -.28 .7 -.25C.8 -.22 .79 -.13 .69 -.12C.6 -.11 .54 -.07 .46 -.06Z";
    String tail = "M-.46 -.11L-.62 -.05L-.44 -.065Z";
    String legs =
        pose == Pose.STANDS
            ? "M.2 -.08Q.34 -.06 .4 0L.24 0Q.2 -.04 .1 -.065ZM-.2 -.08Q-.34 -.06 -.42 0L-.26 0Q-.2 -.04 -.1 -.065Z"
            : "M.26 -.09Q.44 .02 .36 .12Q.22 .05 .12 -.06ZM-.26 -.09Q-.48 0 -.62 .07Q-.52 -.07 -.38 -.11Z";
    String scutes =
        "M-.47 -.13Q0 -.21 .48 -.15M-.26 -.15L-.19 %s M.02 -.18L.03 %s M.28 -.16L.22 %s"
            .formatted(high, Svg.number(-heightShare), high);
    return new Silhouette(
        shell + head + tail + legs, scutes, "", false, .71, -.2, heightShare + .04);
  }
}
