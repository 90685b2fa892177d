package app.islet.core.care;

/**
 * The shape of a species, as numbers the geometry can use.
 *
 * @param adultLengthCm usual length of a grown animal
 * @param massAt10Cm mass of an animal 10 cm long, g; others follow with the cube of their length.
 *     An estimate, until the keeper weighs the animal
 * @param mouthShare widest prey it swallows, as a share of its own length
 * @param headShare width of the head as a share of its length; 0 for an animal without one to get
 *     stuck by
 * @param widthShare width of the body as a share of its length
 * @param heightShare height of the body as a share of its length
 */
public record Body(
    double adultLengthCm,
    double massAt10Cm,
    double mouthShare,
    double headShare,
    double widthShare,
    double heightShare,
    Evidence basis) {
  /** Estimated mass, g: isometric, so with the cube of length. */
  public double massG(double lengthCm) {
    return massAt10Cm * Math.pow(lengthCm / 10, 3);
  }
}
