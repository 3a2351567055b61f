// Linear least squares by Eigen, behind one file: its decompositions take a compiler a quarter of a minute
// each.
#pragma once

#include <vector>

namespace havlo::testing {

struct Equation {
  std::vector<double> factors;  ///< of each unknown; as many in all equations
  double value = 0;
};

/// The unknowns that fit best, by Eigen's Householder QR with column pivoting. @param equations  at least as
/// many as unknowns, of full rank
std::vector<double> leastSquares(const std::vector<Equation>& equations);

/// The largest difference that is left in an equation.
double largestResidual(const std::vector<Equation>& equations, const std::vector<double>& unknowns);

}  // namespace havlo::testing
