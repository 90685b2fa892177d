package app.islet.web.account;

import java.time.Clock;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.stereotype.Service;

/** Whether somebody is still signed in, for what outlives a request. */
@Service
public class Visits {
  private final SessionRepository<? extends Session> sessions;
  private final Clock clock;

  Visits(SessionRepository<? extends Session> sessions, Clock clock) {
    this.sessions = sessions;
    this.clock = clock;
  }

  /**
   * Notes that the visitor was seen just now.
   *
   * @return false if the visit is over
   */
  public boolean seen(String visit) {
    return seen(sessions, visit);
  }

  private <S extends Session> boolean seen(SessionRepository<S> in, String id) {
    S visit = in.findById(id);
    if (visit == null) {
      return false;
    }
    visit.setLastAccessedTime(clock.instant());
    in.save(visit);
    return true;
  }
}
