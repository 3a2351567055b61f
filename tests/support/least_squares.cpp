#include "support/least_squares.h"

#include <Eigen/Dense>

namespace havlo::testing {
namespace {

Eigen::MatrixXd factorsOf(const std::vector<Equation>& equations) {
  Eigen::MatrixXd a(equations.size(), equations.front().factors.size());
  for (Eigen::Index r = 0; r < a.rows(); ++r)
    for (Eigen::Index c = 0; c < a.cols(); ++c)
      a(r, c) = equations[static_cast<size_t>(r)].factors.at(static_cast<size_t>(c));
  return a;
}

Eigen::VectorXd valuesOf(const std::vector<Equation>& equations) {
  Eigen::VectorXd b(equations.size());
  for (Eigen::Index r = 0; r < b.size(); ++r) b(r) = equations[static_cast<size_t>(r)].value;
  return b;
}

}  // namespace

std::vector<double> leastSquares(const std::vector<Equation>& equations) {
  const Eigen::VectorXd x = factorsOf(equations).colPivHouseholderQr().solve(valuesOf(equations));
  return {x.data(), x.data() + x.size()};
}

double largestResidual(const std::vector<Equation>& equations, const std::vector<double>& unknowns) {
  const Eigen::VectorXd x =
      Eigen::Map<const Eigen::VectorXd>(unknowns.data(), static_cast<Eigen::Index>(unknowns.size()));
  return (factorsOf(equations) * x - valuesOf(equations)).cwiseAbs().maxCoeff();
}

}  // namespace havlo::testing
