package app.islet.web.reading.archive;

import jakarta.persistence.EntityManagerFactory;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.metamodel.mapping.AttributeMapping;
import org.hibernate.persister.entity.EntityPersister;
import org.springframework.stereotype.Component;

/**
 * What the application itself says of the tables: which it reads, and the words of their columns.
 */
@Component
class Entities {
  private final Map<String, EntityPersister> entities = new LinkedHashMap<>();

  Entities(EntityManagerFactory factory) {
    factory
        .unwrap(SessionFactoryImplementor.class)
        .getMappingMetamodel()
        .forEachEntityDescriptor(
            e ->
                entities.put(e.getMappedTableDetails().getTableName().toLowerCase(Locale.ROOT), e));
  }

  /** The class the rows of a table are read as. */
  Optional<Class<?>> entity(String table) {
    return Optional.ofNullable(entities.get(table)).map(EntityPersister::getMappedClass);
  }

  /** The only words a column may have; none where it may have any. */
  List<String> of(String table, String column) {
    EntityPersister entity = entities.get(table);
    if (entity == null) {
      return List.of();
    }
    return attributes(entity).stream()
        .filter(a -> columnOf(a).equals(column))
        .map(a -> a.getJavaType().getJavaTypeClass())
        .filter(Class::isEnum)
        .flatMap(c -> Arrays.stream(c.getEnumConstants()))
        .map(c -> ((Enum<?>) c).name())
        .toList();
  }

  private static List<AttributeMapping> attributes(EntityPersister entity) {
    List<AttributeMapping> attributes = new ArrayList<>();
    entity.getAttributeMappings().forEach(attributes::add);
    return attributes;
  }

  private static String columnOf(AttributeMapping attribute) {
    return attribute.getJdbcTypeCount() == 1
        ? attribute.getSelectable(0).getSelectionExpression()
        : "";
  }
}
