package app.islet.web.people.account;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RecoveryCodeRepository extends JpaRepository<RecoveryCode, String> {
  Optional<RecoveryCode> findByCodeHashAndPersonIdAndUsedAtIsNull(String codeHash, long personId);

  int countByPersonIdAndUsedAtIsNull(long personId);

  void deleteByPersonId(long personId);
}
