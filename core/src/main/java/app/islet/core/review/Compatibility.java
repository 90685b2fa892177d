package app.islet.core.review;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.care.Temperament;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Whether residents can share an enclosure: each two of them, and the ranges all of them share.
 *
 * @param shared what all stand, for each kind of range that at least one states
 * @param pairs each two residents once
 */
public record Compatibility(List<Shared> shared, List<Pair> pairs) {
  /**
   * Below this share of the other's length an animal of another kind is bitten; common practice, no
   * source.
   */
  private static final double SAFE_SIZE_RATIO = 0.5;

  /** How far ahead mouths are held against bodies. */
  private static final int MONTHS_AHEAD = 36;

  private static final double DAYS_PER_MONTH = 30.44;

  /**
   * @param range the common range; nothing where none is left
   */
  public record Shared(String what, Dimension dimension, Optional<Range> range) {}

  /**
   * @param verdict how bad the worst reason is; a note where nothing speaks against it
   * @param reasons why, one sentence each
   */
  public record Pair(Resident one, Resident other, Severity verdict, List<Phrase> reasons) {
    public Pair {
      reasons = List.copyOf(reasons);
    }
  }

  public Compatibility {
    shared = List.copyOf(shared);
    pairs = List.copyOf(pairs);
  }

  public static Compatibility of(List<Resident> residents) {
    List<Pair> pairs = new ArrayList<>();
    for (int i = 0; i < residents.size(); i++) {
      for (int j = i + 1; j < residents.size(); j++) {
        pairs.add(pair(residents.get(i), residents.get(j)));
      }
    }
    return new Compatibility(shared(residents), pairs);
  }

  private static List<Shared> shared(List<Resident> residents) {
    List<Shared> list = new ArrayList<>();
    for (Kind kind : Kind.values()) {
      List<Range> ranges = residents.stream().flatMap(r -> kind.of(r).stream()).toList();
      if (!ranges.isEmpty()) {
        Optional<Range> common = Optional.of(ranges.get(0));
        for (Range range : ranges) {
          common = common.flatMap(c -> c.overlap(range));
        }
        list.add(new Shared(kind.words, kind.dimension, common));
      }
    }
    return list;
  }

  /** What speaks against two in one enclosure, the worst first. */
  private record Reasons(List<Phrase> dangers, List<Phrase> wrongs, List<Phrase> watches) {
    Reasons() {
      this(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    }

    List<Phrase> of(Severity severity) {
      return switch (severity) {
        case DANGER -> dangers;
        case WRONG -> wrongs;
        default -> watches;
      };
    }

    Severity worst() {
      return !dangers.isEmpty()
          ? Severity.DANGER
          : !wrongs.isEmpty()
              ? Severity.WRONG
              : !watches.isEmpty() ? Severity.WATCH : Severity.NOTE;
    }

    List<Phrase> all() {
      List<Phrase> all = new ArrayList<>(dangers);
      all.addAll(wrongs);
      all.addAll(watches);
      return all.isEmpty() ? List.of(Phrase.of("Nothing known speaks against it.")) : all;
    }
  }

  private static Pair pair(Resident a, Resident b) {
    Reasons reasons = new Reasons();
    climate(a, b, reasons);
    Resident big = a.bodyCm() >= b.bodyCm() ? a : b;
    sizes(big, big == a ? b : a, reasons);
    if (a.sheet().kind().equals(b.sheet().kind())) {
      ownKind(a, b, reasons);
    } else {
      otherKind(a, b, reasons);
    }
    return new Pair(a, b, reasons.worst(), reasons.all());
  }

  private static void climate(Resident a, Resident b, Reasons reasons) {
    for (Kind kind : Kind.values()) {
      Optional<Range> one = kind.of(a);
      Optional<Range> two = kind.of(b);
      if (one.isPresent() && two.isPresent() && one.get().overlap(two.get()).isEmpty()) {
        reasons
            .of(kind == Kind.SALT && bothStandSomeSalt(a, b) ? Severity.WRONG : kind.apart)
            .add(
                Phrase.of(
                    "{}: {} against {}, nothing serves both.",
                    kind.words,
                    Phrase.range(one.get(), kind.dimension),
                    Phrase.range(two.get(), kind.dimension)));
      }
    }
  }

  /** Whether there is a water that both stand for long, though it does well by one of them only. */
  private static boolean bothStandSomeSalt(Resident a, Resident b) {
    return stoodSalt(a).flatMap(one -> stoodSalt(b).flatMap(one::overlap)).isPresent();
  }

  private static Optional<Range> stoodSalt(Resident r) {
    return r.stage().needs().salinity().map(Needs.Salinity::tolerated);
  }

  private static void sizes(Resident big, Resident small, Reasons reasons) {
    boolean same = big.sheet().kind().equals(small.sheet().kind());
    if (big.swallows(small)) {
      reasons.dangers.add(
          Phrase.of(
              "{} ({}) fits the mouth of {} ({}).",
              small.name(),
              Quantity.cm(small.bodyCm()),
              big.name(),
              Quantity.cm(big.bodyCm())));
    } else if (small.bodyCm() / big.bodyCm()
        < Math.max(same ? 0 : SAFE_SIZE_RATIO, big.stage().needs().group().sizeRatio())) {
      (same ? reasons.wrongs : reasons.watches)
          .add(
              Phrase.of(
                  "{} is much smaller than {}: bitten at meals, or starved.",
                  small.name(),
                  big.name()));
    }
    later(big, small).ifPresent(reasons.watches::add);
  }

  private static void ownKind(Resident a, Resident b, Reasons reasons) {
    boolean males =
        a.stage().adult() && b.stage().adult() && a.stage().needs().group().malesFight();
    if (males && a.males() > 0 && b.males() > 0) {
      reasons.wrongs.add(Phrase.of("Males of this kind fight."));
    }
  }

  private static void otherKind(Resident a, Resident b, Reasons reasons) {
    reasons.watches.add(
        Phrase.of(
            "Two kinds: each carries germs the other never met, and neither reads the other's warnings."));
    if (alone(a) || alone(b)) {
      reasons.wrongs.add(Phrase.of("{} is kept alone.", alone(a) ? a.name() : b.name()));
    }
    ResidentPair pair = new ResidentPair(a, b);
    pair.fierce()
        .ifPresent(
            fierce -> {
              Temperament temperament = fierce.stage().needs().group().temperament();
              (temperament == Temperament.KILLS ? reasons.dangers : reasons.wrongs)
                  .add(Phrase.of("{}: of a kind that {}.", fierce.name(), temperament.words()));
            });
    pair.poisonous()
        .forEach(
            poisonous ->
                reasons.wrongs.add(
                    Phrase.of("{}: of a kind with a poisonous skin.", poisonous.name())));
  }

  private static boolean alone(Resident r) {
    return r.stage().needs().group().most() == 1;
  }

  /** One fits the other's mouth not now but when both have grown for some years. */
  private static Optional<Phrase> later(Resident big, Resident small) {
    for (int months = 1; months <= MONTHS_AHEAD; months++) {
      Resident thenBig = big.after(months * DAYS_PER_MONTH);
      Resident thenSmall = small.after(months * DAYS_PER_MONTH);
      if (!big.swallows(small) && thenBig.swallows(thenSmall)) {
        return Optional.of(
            Phrase.of(
                "In about {} {} will fit the mouth of {}.",
                Quantity.months(months),
                small.name(),
                big.name()));
      }
    }
    return Optional.empty();
  }

  /** The ranges that are compared, each by what is tolerated, and how bad it is where two part. */
  private enum Kind {
    WATER(
        "Water temperature",
        Dimension.TEMPERATURE,
        Severity.DANGER,
        n -> n.water().map(Needs.Temperature::toleratedC)),
    AIR(
        "Air temperature",
        Dimension.TEMPERATURE,
        Severity.DANGER,
        n -> n.air().map(Needs.Temperature::toleratedC)),
    SALT("Salt", Dimension.SALINITY, Severity.DANGER, n -> n.salinity().map(Needs.Salinity::ppt)),
    DEPTH(
        "Water depth",
        Dimension.LENGTH,
        Severity.DANGER,
        n -> n.depth().map(d -> new Range(d.minCm(), d.maxCm()))),
    LAND("Dry land", Dimension.PERCENT, Severity.DANGER, n -> Optional.of(n.land().sharePercent())),
    HUMIDITY(
        "Humidity",
        Dimension.PERCENT,
        Severity.WRONG,
        n -> n.humidity().map(Needs.Humidity::tolerated)),
    PH("pH", Dimension.RATIO, Severity.WRONG, n -> n.chemistry().map(Needs.Chemistry::ph)),
    HARDNESS(
        "Hardness",
        Dimension.HARDNESS,
        Severity.WATCH,
        n -> n.chemistry().flatMap(Needs.Chemistry::hardnessDh)),
    BASKING(
        "Basking spot",
        Dimension.TEMPERATURE,
        Severity.WATCH,
        n -> n.basking().map(Needs.Basking::spotC)),
    DAY(
        "Day length",
        Dimension.HOURS,
        Severity.WATCH,
        n -> n.daylight().map(Needs.Daylight::hours));

    private final String words;
    private final Dimension dimension;
    private final Severity apart;
    private final Function<Needs, Optional<Range>> range;

    Kind(
        String words, Dimension dimension, Severity apart, Function<Needs, Optional<Range>> range) {
      this.words = words;
      this.dimension = dimension;
      this.apart = apart;
      this.range = range;
    }

    Optional<Range> of(Resident resident) {
      return range.apply(resident.stage().needs());
    }
  }
}
