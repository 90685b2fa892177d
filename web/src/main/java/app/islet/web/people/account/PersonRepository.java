package app.islet.web.people.account;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PersonRepository extends JpaRepository<Person, Long> {
  Optional<Person> findByLogin(String login);

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select p from Person p where p.login = :login")
  Optional<Person> lock(String login);
}
