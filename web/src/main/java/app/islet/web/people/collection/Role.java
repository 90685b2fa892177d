package app.islet.web.people.collection;

/** What a member may do; each includes those after it. */
public enum Role {
  /** Members and everything a keeper does. */
  OWNER("Owner"),
  /** Designs, residents, rooms. */
  KEEPER("Keeper"),
  /** Looks and logs, changes no design. */
  HELPER("Helper"),
  /** Ticks tasks off on the rounds and notes what there is to say, until a day. */
  LINKED_HELPER("Helper by link");

  private final String word;

  Role(String word) {
    this.word = word;
  }

  public String word() {
    return word;
  }

  public boolean includes(Role other) {
    return ordinal() <= other.ordinal();
  }
}
