/**
 * What the household owns and pays: the machine and its programmes, products, water, tariff, drying
 * places. Facts only; the models that use them live with their stations.
 */
@NullMarked
package org.nestrinse.core.kit;

import org.jspecify.annotations.NullMarked;
