package app.islet.web.account;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<Person, Long> {
  Optional<Person> findByLogin(String login);
}
