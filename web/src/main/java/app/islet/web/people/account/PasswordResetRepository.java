package app.islet.web.people.account;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PasswordResetRepository extends JpaRepository<PasswordReset, String> {
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select r from PasswordReset r where r.tokenHash = :hash")
  Optional<PasswordReset> lock(String hash);
}
