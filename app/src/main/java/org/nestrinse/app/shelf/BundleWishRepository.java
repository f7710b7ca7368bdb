package org.nestrinse.app.shelf;

import org.springframework.data.jpa.repository.JpaRepository;

interface BundleWishRepository extends JpaRepository<BundleWishEntity, String> {}
