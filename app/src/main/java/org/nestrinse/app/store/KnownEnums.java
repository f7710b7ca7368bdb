package org.nestrinse.app.store;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.LinkedHashSet;
import java.util.Set;
import org.hibernate.boot.model.TypeContributions;
import org.hibernate.boot.model.TypeContributor;
import org.hibernate.service.ServiceRegistry;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AnnotationTypeFilter;
import org.springframework.util.ClassUtils;

/** Lets Hibernate read every enum of every entity by {@link KnownEnumType}. */
public final class KnownEnums implements TypeContributor {
  private static final String APPLICATION = "org.nestrinse.app";

  @Override
  public void contribute(TypeContributions types, ServiceRegistry registry) {
    enums().forEach(type -> contribute(types, type));
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private static void contribute(TypeContributions types, Class<?> type) {
    types.contributeJavaType(new KnownEnumType(type.asSubclass(Enum.class)));
  }

  /** Returns the enums that are stored. */
  static Set<Class<?>> enums() {
    ClassPathScanningCandidateComponentProvider scan =
        new ClassPathScanningCandidateComponentProvider(false) {
          @Override
          protected boolean isCandidateComponent(
              org.springframework.beans.factory.annotation.AnnotatedBeanDefinition definition) {
            return true;
          }
        };
    scan.addIncludeFilter(new AnnotationTypeFilter(Entity.class));
    scan.addIncludeFilter(new AnnotationTypeFilter(Embeddable.class));
    Set<Class<?>> enums = new LinkedHashSet<>();
    for (BeanDefinition found : scan.findCandidateComponents(APPLICATION)) {
      Class<?> entity =
          ClassUtils.resolveClassName(
              String.valueOf(found.getBeanClassName()), KnownEnums.class.getClassLoader());
      for (Class<?> c = entity; c != null; c = c.getSuperclass()) {
        collect(c, enums);
      }
    }
    return enums;
  }

  /** What is embedded may be a value of core, which no scan finds. */
  private static void collect(Class<?> type, Set<Class<?>> enums) {
    for (Field field : type.getDeclaredFields()) {
      if (Modifier.isStatic(field.getModifiers())) {
        continue;
      }
      if (field.getType().isEnum()) {
        enums.add(field.getType());
      } else if (field.isAnnotationPresent(Embedded.class) || type.isRecord()) {
        collect(field.getType(), enums);
      }
    }
  }
}
