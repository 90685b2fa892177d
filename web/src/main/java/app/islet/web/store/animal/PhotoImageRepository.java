package app.islet.web.store.animal;

import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoImageRepository extends JpaRepository<PhotoImage, Long> {}
