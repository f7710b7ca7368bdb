package org.nestrinse.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface StockRepository extends JpaRepository<StockEntity, Long> {

  /**
   * Moves pieces in one statement, so that two carers at once cannot move the same piece; 0 when
   * they are not there.
   */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query(
      """
      update StockEntity s
      set s.waiting = s.waiting + :waiting, s.washing = s.washing + :washing, s.drying = s.drying + :drying
      where s.kindId = :kindId
        and s.waiting + :waiting >= 0 and s.washing + :washing >= 0 and s.drying + :drying >= 0
        and s.waiting + s.washing + s.drying + :waiting + :washing + :drying <= s.owned
      """)
  int move(long kindId, int waiting, int washing, int drying);
}
