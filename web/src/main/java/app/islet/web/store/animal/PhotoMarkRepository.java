package app.islet.web.store.animal;

import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoMarkRepository extends JpaRepository<PhotoMark, Long> {}
